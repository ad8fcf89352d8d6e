package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.AddressStandard;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.part.PartTitles.Extra;
import io.inkwellsplit.table.part.Thousandths;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The cells that a reading makes: its kind, its parts, remarks and checks, in the order of their columns. Immutable. */
final class PartCells {
    /** A column, by the key of what it holds, and its title in the words of a vocabulary. */
    record Column(String key, String title) {}

    private final Subject subject;
    private final PartTitles vocabulary;
    private final AddressStandard standard;
    private final PartKey[] parts;
    /** The parts that have no column of their own, and repeat no other. */
    private final PartKey[] remarked;

    private final boolean kind;
    private final boolean numbered;
    private final boolean countryCode;
    private final boolean runnerUp;
    private final boolean remarks;
    private final boolean checks;

    /** @param keys the parts that are wanted, by key; {@code all} for every one, none for the usual ones */
    PartCells(
            Subject subject,
            List<String> keys,
            PartTitles vocabulary,
            SplitStep.Checks checks,
            AddressStandard standard,
            boolean numbered) {
        this.numbered = numbered;
        this.subject = subject;
        this.vocabulary = vocabulary;
        this.standard = standard;
        boolean all = keys.contains("all");
        List<PartKey> wanted = new ArrayList<>(subject.allParts());
        if (!all) {
            wanted.removeIf(part -> keys.isEmpty() ? !subject.usualParts().contains(part) : !keys.contains(part.key()));
        }
        this.parts = wanted.toArray(PartKey[]::new);
        this.remarked = subject.allParts().stream()
                .filter(part -> !wanted.contains(part) && !part.isFiner())
                .toArray(PartKey[]::new);
        this.kind = all || keys.contains(Extra.KIND.key());
        this.countryCode = subject == Subject.ADDRESS && (all || keys.contains(Extra.COUNTRY_CODE.key()));
        this.runnerUp = keys.contains(Extra.RUNNER_UP.key());
        this.remarks = !all;
        this.checks = checks == SplitStep.Checks.SHOW;
    }

    /** Returns the columns, from left to right. */
    List<Column> columns() {
        List<Column> columns = new ArrayList<>();
        if (numbered) {
            columns.add(column(Extra.PERSON));
        }
        if (kind) {
            columns.add(column(Extra.KIND));
        }
        for (PartKey part : parts) {
            columns.add(new Column(part.key(), vocabulary.of(part)));
        }
        if (countryCode) {
            columns.add(column(Extra.COUNTRY_CODE));
        }
        if (runnerUp) {
            columns.add(column(Extra.RUNNER_UP));
        }
        if (remarks) {
            columns.add(column(Extra.REMARKS));
        }
        if (checks) {
            columns.add(column(Extra.CONFIDENCE));
            columns.add(column(Extra.DOUBTS));
            if (subject == Subject.ADDRESS) {
                columns.add(column(Extra.SUGGESTIONS));
            }
        }
        return columns;
    }

    private Column column(Extra extra) {
        return new Column(extra.key(), vocabulary.of(extra));
    }

    /**
     * Adds the cells of a reading.
     *
     * @param number which person of the cell it is, from 1
     * @param ways tells in which ways a value was weighed
     */
    void add(Reading<PartKey> reading, int number, Ways ways, List<String> out) {
        if (numbered) {
            out.add(reading.kind() == Kind.PERSON ? Integer.toString(number) : "");
        }
        if (kind) {
            out.add(reading.kind().key());
        }
        for (PartKey part : parts) {
            out.add(text(reading, part));
        }
        if (countryCode) {
            out.add(countryCode(reading));
        }
        if (runnerUp) {
            List<Alternative<PartKey>> all = ways.of(reading.source());
            out.add(all.size() > 1 ? ReviewSheet.parts(all.get(1).parts()) : "");
        }
        if (remarks) {
            out.add(remarks(reading));
        }
        if (checks) {
            checks(reading, out);
        }
    }

    /** The country that is written counts, even if it has no file and the rest was read by the rules of another. */
    private static String countryCode(Reading<PartKey> reading) {
        if (reading.kind() == Kind.BLANK) {
            return "";
        }
        String written = reading.text(AddressPart.COUNTRY);
        return written.isEmpty()
                ? reading.country()
                : AddressSplitter.countryCode(written).orElse(reading.country());
    }

    private String text(Reading<PartKey> reading, PartKey part) {
        return part instanceof AddressPart address
                ? standard.text(reading.ofKind(AddressPart.class), address)
                : reading.text(part);
    }

    private void checks(Reading<PartKey> reading, List<String> out) {
        boolean empty = reading.kind() == Kind.BLANK;
        out.add(empty ? "" : Thousandths.text(reading.confidence()));
        out.add(joined(reading.doubts(), Doubt::code));
        if (subject == Subject.ADDRESS) {
            out.add(joined(reading.suggestions(), one -> one.part().key() + "=" + one.value()));
        }
    }

    /** Most values have none or one. */
    private static <T> String joined(Collection<T> some, Function<T, String> text) {
        String joined = "";
        for (T one : some) {
            joined = joined.isEmpty() ? text.apply(one) : joined + "; " + text.apply(one);
        }
        return joined;
    }

    /** What has no column of its own, labelled; finer parts repeat others and are left out. */
    private String remarks(Reading<PartKey> reading) {
        @Nullable StringBuilder text = null;
        if (!kind && reading.kind() != subject.expected() && reading.kind() != Kind.BLANK) {
            text = remark(null, vocabulary.of(Extra.KIND), reading.kind().key());
        }
        for (PartKey part : remarked) {
            String value = reading.text(part);
            if (!value.isEmpty()) {
                text = remark(text, vocabulary.of(part), value);
            }
        }
        return text == null ? "" : text.toString();
    }

    private static StringBuilder remark(@Nullable StringBuilder text, String label, String value) {
        StringBuilder out = text == null ? new StringBuilder() : text.append("; ");
        return out.append(label).append(": ").append(value);
    }
}
