package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import io.inkwellsplit.tidy.Tidying;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes columns tidied into new columns behind them, and counts what changed. */
public final class TidyStep implements Step {
    private final List<String> columns;
    private final List<Tidying> tidyings;

    private TidyStep(List<String> columns, List<Tidying> tidyings) {
        this.columns = columns;
        this.tidyings = tidyings;
    }

    /**
     * Tidies columns, in the order of {@link Tidying}; without any kind named, all that change no letter and no case.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @param tidyings the kinds of tidying
     * @return the step
     */
    public static TidyStep of(List<String> columns, Tidying... tidyings) {
        List<Tidying> wanted = Arrays.stream(tidyings).sorted().distinct().toList();
        return new TidyStep(
                List.copyOf(columns),
                wanted.isEmpty()
                        ? List.of(Tidying.UNICODE, Tidying.CONTROLS, Tidying.NO_BREAK, Tidying.SPACES)
                        : wanted);
    }

    /**
     * {@return the kinds of tidying by their keys}
     *
     * @param keys the keys
     */
    public static Tidying[] named(List<String> keys) {
        return keys.stream()
                .map(key -> Arrays.stream(Tidying.values())
                        .filter(tidying -> tidying.key().equals(key.strip()))
                        .findFirst()
                        .orElseThrow(() -> Settings.refuse("There is no tidying \"" + key + "\"; there are "
                                + String.join(
                                        ", ",
                                        Arrays.stream(Tidying.values())
                                                .map(Tidying::key)
                                                .toList())
                                + ".")))
                .toArray(Tidying[]::new);
    }

    @Override
    public BoundStep bind(List<String> header) {
        return new Bound(
                header,
                columns.stream()
                        .map(column -> Columns.find(header, column))
                        .sorted()
                        .distinct()
                        .toList());
    }

    private final class Bound implements RowWise {
        private final List<Integer> indexes;
        private final List<String> source;
        private final List<String> header;
        private final List<Map<Tidying, Long>> changed = new ArrayList<>();

        Bound(List<String> source, List<Integer> indexes) {
            this.source = source;
            this.indexes = indexes;
            List<String> titles = source;
            for (int i = 0; i < indexes.size(); i++) {
                int index = indexes.get(i);
                titles = AddedColumns.inserted(titles, index + i, List.of(source.get(index) + " tidied"));
                changed.add(new EnumMap<>(Tidying.class));
            }
            this.header = titles;
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(header.size());
            int next = 0;
            for (int i = 0; i < cells.size(); i++) {
                out.add(cells.get(i));
                if (next < indexes.size() && indexes.get(next) == i) {
                    out.add(tidied(cells.get(i), changed.get(next++)));
                }
            }
            return out;
        }

        private String tidied(String value, Map<Tidying, Long> counts) {
            String text = value;
            for (Tidying tidying : tidyings) {
                String mended = tidying.apply(text);
                if (!mended.equals(text)) {
                    counts.merge(tidying, 1L, Long::sum);
                    text = mended;
                }
            }
            return text;
        }

        @Override
        public Optional<RowWise> fork() {
            return Optional.of(new Bound(source, indexes));
        }

        @Override
        public Map<String, Long> counts() {
            Map<String, Long> counts = new HashMap<>();
            for (int i = 0; i < changed.size(); i++) {
                int column = i;
                changed.get(i).forEach((tidying, count) -> counts.put(column + " " + tidying.name(), count));
            }
            return counts;
        }

        @Override
        public void addCounts(Map<String, Long> counts) {
            counts.forEach((name, count) -> {
                String[] columnAndTidying = name.split(" ", 2);
                changed.get(Integer.parseInt(columnAndTidying[0]))
                        .merge(Tidying.valueOf(columnAndTidying[1]), count, Long::sum);
            });
        }

        @Override
        public void restart() {
            changed.forEach(Map::clear);
        }

        @Override
        public List<String> report() {
            List<String> report = new ArrayList<>();
            for (int i = 0; i < indexes.size(); i++) {
                List<String> counts = new ArrayList<>();
                changed.get(i).forEach((tidying, count) -> counts.add(count + " " + tidying.key()));
                report.add(source.get(indexes.get(i)) + ": "
                        + (counts.isEmpty() ? "nothing to tidy" : "changed " + String.join(", ", counts)));
            }
            return report;
        }
    }
}
