package io.inkwellsplit.table.where;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/** Whether a cell, read by itself, is a name of some kind, or a doubtful name or address. */
final class ReadsAs {
    private static final String DOUBTFUL_NAME = "doubtful name";
    private static final String DOUBTFUL_ADDRESS = "doubtful address";
    private static final List<Kind> KINDS =
            List.of(Kind.PERSON, Kind.COUPLE, Kind.SEVERAL, Kind.ORGANISATION, Kind.UNCLEAR, Kind.BLANK);

    private ReadsAs() {}

    static Predicate<String> test(String wanted) {
        String plain = wanted.toLowerCase(Locale.ROOT).replaceFirst("^an? ", "");
        if (plain.equals(DOUBTFUL_NAME)) {
            return cell -> isDoubtful(NameSplitter.standard().split(cell));
        }
        if (plain.equals(DOUBTFUL_ADDRESS)) {
            return cell -> isDoubtful(AddressSplitter.standard().split(cell));
        }
        Kind kind = KINDS.stream()
                .filter(one -> one.key().equals(plain))
                .findFirst()
                .orElseThrow(() -> refused(plain));
        return cell -> NameSplitter.standard().split(cell).kind() == kind;
    }

    private static RuntimeException refused(String wanted) {
        List<String> known = new ArrayList<>(KINDS.stream().map(Kind::key).toList());
        known.addAll(List.of(DOUBTFUL_NAME, DOUBTFUL_ADDRESS));
        return Settings.refuse("Nothing reads as \"" + wanted + "\"; there are " + String.join(", ", known)
                + Nearest.of(wanted, known)
                        .map(near -> "; did you mean " + near + "?")
                        .orElse("."));
    }

    private static boolean isDoubtful(Reading<?> reading) {
        return reading.kind() != Kind.BLANK && !reading.doubts().isEmpty();
    }
}
