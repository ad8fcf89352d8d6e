package io.inkwellsplit.table.step;

import io.inkwellsplit.address.AddressPart;
import io.inkwellsplit.name.NamePart;
import io.inkwellsplit.pattern.PatternException;
import io.inkwellsplit.pattern.TextPattern;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Makes new columns from patterns over columns, behind the columns there are. */
public final class AssembleStep implements Step {
    /** Field names of the person-name patterns of Unicode UTS #35, and the parts they stand for. */
    private static final Map<String, NamePart> STANDARD_FIELDS = Map.of(
            "given", NamePart.FIRST,
            "given2", NamePart.MIDDLE,
            "surname", NamePart.LAST,
            "surname-prefix", NamePart.LAST_PARTICLE,
            "surname-core", NamePart.LAST_CORE,
            "surname2", NamePart.LAST_SECOND,
            "generation", NamePart.SUFFIX,
            "given-informal", NamePart.NICKNAME);

    private final Map<String, String> patterns;

    private AssembleStep(Map<String, String> patterns) {
        this.patterns = patterns;
    }

    /**
     * Returns a step.
     *
     * @param patterns the pattern of each new column, by its title, in the order of the new columns
     * @throws TableException if there is none
     */
    public static AssembleStep of(Map<String, String> patterns) {
        if (patterns.isEmpty()) {
            throw new TableException(Problem.SETTING, "No pattern was given to assemble.");
        }
        return new AssembleStep(new LinkedHashMap<>(patterns));
    }

    @Override
    public BoundStep bind(List<String> header) {
        Map<String, Integer> fields = fields(header);
        List<String> suggestions = Stream.concat(
                        header.stream(),
                        Stream.of(NamePart.values(), AddressPart.values())
                                .flatMap(Stream::of)
                                .map(PartKey::key)
                                .filter(fields::containsKey))
                .distinct()
                .toList();
        List<String> titles = new ArrayList<>(header);
        List<TextPattern> compiled = new ArrayList<>();
        patterns.forEach((title, pattern) -> {
            if (titles.contains(title)) {
                throw new TableException(
                        Problem.SETTING,
                        "There is a column \"" + title + "\" already; give the new one another title.");
            }
            titles.add(title);
            try {
                compiled.add(TextPattern.compile(pattern, fields::containsKey, suggestions));
            } catch (PatternException e) {
                throw new TableException(Problem.SETTING, e.getMessage() + ".", e);
            }
        });
        return new Bound(titles, compiled, fields);
    }

    /** A field is a column's title, or the key of a part that has a column. */
    private static Map<String, Integer> fields(List<String> header) {
        Map<String, Integer> fields = new HashMap<>();
        for (int i = header.size() - 1; i >= 0; i--) {
            fields.put(header.get(i), i);
        }
        Stream.<PartKey[]>of(AddressPart.values(), NamePart.values())
                .flatMap(Stream::of)
                .forEach(part -> alias(fields, part.key(), part.title()));
        STANDARD_FIELDS.forEach((field, part) -> {
            alias(fields, field, part.title());
            alias(fields, field, part.key());
        });
        return fields;
    }

    private static void alias(Map<String, Integer> fields, String name, String title) {
        Integer index = fields.get(title);
        if (index != null) {
            fields.putIfAbsent(name, index);
        }
    }

    private record Bound(List<String> header, List<TextPattern> patterns, Map<String, Integer> fields)
            implements BoundStep {
        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(header.size());
            out.addAll(cells);
            Function<String, @Nullable String> values = name -> {
                Integer index = fields.get(name);
                return index == null ? null : cells.get(index);
            };
            for (TextPattern pattern : patterns) {
                out.add(pattern.format(values));
            }
            return out;
        }
    }
}
