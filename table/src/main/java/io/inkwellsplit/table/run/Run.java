package io.inkwellsplit.table.run;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.RowWise;
import io.inkwellsplit.table.step.Sorting;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Carries the rows of a source through steps into a sink, one row at a time. */
public final class Run {
    private static final int MOST_THREADS = 8;

    private final RowSource source;
    private final int threads;
    private final List<BoundStep> steps = new ArrayList<>();
    private final List<String> header;
    private final int width;
    private long rows;
    private long rowsOut;
    private long setAside;
    private final Faults faults = new Faults();

    private Run(RowSource source, List<? extends Step> steps, int threads) {
        this.source = source;
        this.threads = threads;
        List<String> titles = source.header();
        this.width = titles.size();
        for (Step step : steps) {
            BoundStep bound = step.bind(titles);
            if (bound.learnsTitles()) {
                learn(bound);
            }
            this.steps.add(bound);
            titles = bound.header();
        }
        this.header = titles;
    }

    /**
     * Prepares a run. Nothing is read but the header, unless a step finds out from the rows which columns it makes.
     *
     * @param source the table
     * @param steps the steps, in their order
     * @return the run
     * @throws TableException if a step does not fit the columns
     */
    public static Run of(RowSource source, List<? extends Step> steps) {
        return new Run(
                source, steps, Math.min(MOST_THREADS, Runtime.getRuntime().availableProcessors()));
    }

    /** As {@link #of}, with a number of threads; what comes out does not depend on it. */
    static Run of(RowSource source, List<? extends Step> steps, int threads) {
        return new Run(source, steps, threads);
    }

    /** {@return the titles of the columns that will come out} */
    public List<String> header() {
        return header;
    }

    /** {@return the titles of the columns that come in} */
    public List<String> sourceHeader() {
        return source.header();
    }

    /** {@return what columns that steps have added mean, by their titles} */
    public Map<String, String> meanings() {
        Map<String, String> meanings = new HashMap<>();
        steps.forEach(step -> meanings.putAll(step.meanings()));
        return meanings;
    }

    /** {@return the steps as they work on this table, with what they have counted so far} */
    public List<BoundStep> steps() {
        return List.copyOf(steps);
    }

    /**
     * Carries all rows; a row with more or fewer cells than the header is set aside with the reason.
     *
     * @param sink what takes the rows
     */
    public void into(RowSink sink) {
        for (BoundStep step : List.copyOf(steps)) {
            if (step.learns() && !step.learnsTitles()) {
                learn(step);
            }
        }
        sink.header(header, source.header());
        Optional<List<Worker>> workers = workers();
        if (workers.isPresent()) {
            inParallel(workers.get(), sink);
        } else {
            oneAfterTheOther(sink);
        }
        sink.finish();
    }

    private void oneAfterTheOther(RowSink sink) {
        // What is at work; nothing once the last row has come in, as the rows then come from all of them.
        AtomicReference<@Nullable Row> atWork = new AtomicReference<>();
        List<Consumer<List<String>>> stages = stages(steps, cells -> {
            rowsOut++;
            Row from = atWork.get();
            if (from == null) {
                sink.row(cells);
            } else {
                sink.row(cells, from);
            }
        });
        Iterator<Row> iterator = source.rows();
        while (iterator.hasNext()) {
            Row row = iterator.next();
            atWork.setPlain(row);
            rows++;
            if (row.cells().size() != width) {
                setAside(row, sink);
                continue;
            }
            try {
                stages.get(0).accept(row.cells());
            } catch (StepFault fault) {
                setAside(row, fault.getCause(), sink);
            }
        }
        atWork.set(null);
        end(steps, stages);
    }

    private void setAside(Row row, RowSink sink) {
        setAside++;
        sink.setAside(row, unfit(row.cells().size(), width));
    }

    /**
     * {@return why a row is set aside that has more or fewer cells than the header}
     *
     * @param cells how many it has
     * @param width how many the header has
     */
    public static String unfit(int cells, int width) {
        return "it has " + cells + (cells == 1 ? " cell" : " cells") + ", the header has " + width;
    }

    /**
     * {@return why a row is set aside on which the program itself has failed; no value is told}
     *
     * @param fault what was thrown
     */
    public static String fault(Throwable fault) {
        return Faults.reason(fault);
    }

    /** One value may never end a run: what the program itself fails on is set aside like any row that does not fit. */
    private void setAside(Row row, Throwable fault, RowSink sink) {
        setAside++;
        faults.add(fault);
        sink.setAside(row, fault(fault));
    }

    /** A step failed on a row for no reason that it knows. */
    private static final class StepFault extends RuntimeException {
        StepFault(Throwable cause) {
            super(null, cause, false, false);
        }

        @Override
        public synchronized Throwable getCause() {
            return java.util.Objects.requireNonNull(super.getCause());
        }
    }

    /** Lets a step work on a row; what it throws without having met something that it has a sentence for is its fault. */
    private static void guarded(BoundStep step, List<String> cells, Consumer<List<String>> next) {
        boolean[] passedOn = new boolean[1];
        try {
            step.push(cells, out -> {
                passedOn[0] = true;
                next.accept(out);
                passedOn[0] = false;
            });
        } catch (TableException | StepFault e) {
            throw e;
        } catch (RuntimeException | StackOverflowError e) {
            // What comes from behind is no fault of this step.
            throw passedOn[0] && e instanceof RuntimeException behind ? behind : new StepFault(e);
        }
    }

    /** What one thread works with: the steps that make one row of each, and what makes the keys by which these are sorted. */
    private record Worker(List<RowWise> forks, Optional<Function<List<String>, byte[]>> keys) {}

    /** Returns the step that sorts what all others have worked on, if there is one. */
    private Optional<Sorting> sorting() {
        boolean last = !steps.isEmpty() && steps.get(steps.size() - 1) instanceof Sorting;
        return last ? Optional.of((Sorting) steps.get(steps.size() - 1)) : Optional.empty();
    }

    /** Returns the steps once for each thread, where all of them, but for a sort at the end, can work on several rows at a time. */
    private Optional<List<Worker>> workers() {
        Optional<Sorting> sorting = sorting();
        List<BoundStep> alone = steps.subList(0, steps.size() - (sorting.isPresent() ? 1 : 0));
        List<Worker> workers = new ArrayList<>();
        for (int i = 0; i < threads && threads > 1; i++) {
            List<RowWise> forks = new ArrayList<>();
            for (BoundStep step : alone) {
                Optional<RowWise> fork = step instanceof RowWise each ? each.fork() : Optional.empty();
                if (fork.isEmpty()) {
                    return Optional.empty();
                }
                forks.add(fork.get());
            }
            workers.add(new Worker(forks, sorting.map(Sorting::keys)));
        }
        return workers.isEmpty() ? Optional.empty() : Optional.of(workers);
    }

    private void inParallel(List<Worker> workers, RowSink sink) {
        new Batches<>(workers).run(source.rows(), this::worked, batch -> {
            batch.toTell.forEach(Runnable::run);
            for (Worked worked : batch.rows) {
                rows++;
                hand(worked, sink);
            }
        });
        for (Worker worker : workers) {
            for (int i = 0; i < worker.forks.size(); i++) {
                RowWise fork = worker.forks.get(i);
                if (fork != steps.get(i)) {
                    ((RowWise) steps.get(i)).join(fork);
                }
            }
        }
        sorting()
                .ifPresent(sorting -> sorting.end(cells -> {
                    rowsOut++;
                    sink.row(cells);
                }));
    }

    private void hand(Worked worked, RowSink sink) {
        if (worked.cells == RowWise.LEFT_OUT) {
            return;
        }
        if (worked.cells != null && worked.key != null) {
            sorting().orElseThrow().take(worked.key, worked.cells);
        } else if (worked.cells != null) {
            rowsOut++;
            sink.row(worked.cells, worked.row);
        } else if (worked.fault != null) {
            setAside(worked.row, worked.fault, sink);
        } else {
            setAside(worked.row, sink);
        }
    }

    /** A row and what came of it; no cells where it does not fit the header, or a step failed on it. */
    private static final class Worked {
        private final Row row;
        private @Nullable List<String> cells;
        private byte @Nullable [] key;
        private @Nullable Throwable fault;

        Worked(Row row, int width) {
            this.row = row;
            this.cells = row.cells().size() == width ? row.cells() : null;
        }

        boolean goesOn() {
            return cells != null && cells != RowWise.LEFT_OUT;
        }

        void workedOnBy(Function<List<String>, List<String>> step) {
            List<String> before = cells;
            cells = null;
            if (before != null) {
                try {
                    cells = step.apply(before);
                } catch (TableException e) {
                    throw e;
                } catch (RuntimeException | StackOverflowError e) {
                    fault = e;
                }
            }
        }

        void keyBy(Function<List<String>, byte[]> keys) {
            workedOnBy(row -> {
                key = keys.apply(row);
                return row;
            });
        }
    }

    /** What came of a batch of rows, and what those who look on are to be told of it. */
    private record WorkedBatch(List<Worked> rows, List<Runnable> toTell) {}

    private WorkedBatch worked(Worker worker, List<Row> batch) {
        List<Worked> rows = new ArrayList<>(batch.size());
        for (Row row : batch) {
            rows.add(new Worked(row, width));
        }
        for (RowWise step : worker.forks) {
            List<List<String>> ahead = new ArrayList<>(rows.size());
            for (Worked row : rows) {
                if (row.cells != null && row.goesOn()) {
                    ahead.add(row.cells);
                }
            }
            step.ahead(ahead);
            for (Worked row : rows) {
                if (row.goesOn()) {
                    row.workedOnBy(step::apply);
                }
            }
        }
        worker.keys.ifPresent(keys -> rows.stream().filter(Worked::goesOn).forEach(row -> row.keyBy(keys)));
        return new WorkedBatch(rows, worker.forks.stream().map(RowWise::toTell).toList());
    }

    /** Lets a step learn from a row; one that it fails on is set aside when its turn comes, and teaches nothing. */
    private static void observed(BoundStep step, List<String> cells) {
        try {
            step.observe(cells);
        } catch (TableException e) {
            throw e;
        } catch (RuntimeException | StackOverflowError e) {
            return;
        }
    }

    /** Lets a step see the rows as they will come to it through the steps before it. */
    private void learn(BoundStep step) {
        int index = steps.indexOf(step);
        List<BoundStep> before = List.copyOf(index < 0 ? steps : steps.subList(0, index));
        Optional<BoundStep> fork = before.isEmpty() && threads > 1 ? step.forkToLearn() : Optional.empty();
        if (fork.isPresent()) {
            learnInParallel(step, source.rowsAbout());
            return;
        }
        List<Consumer<List<String>>> stages = stages(before, cells -> observed(step, cells));
        Iterator<Row> iterator = source.rows();
        while (iterator.hasNext()) {
            Row row = iterator.next();
            if (row.cells().size() == width) {
                passed(stages.get(0), row);
            }
        }
        end(before, stages);
        before.forEach(BoundStep::restart);
        step.endLearning();
    }

    /** A row that a step before fails on never comes to those behind. */
    private static void passed(Consumer<List<String>> stage, Row row) {
        try {
            stage.accept(row.cells());
        } catch (StepFault fault) {
            return;
        }
    }

    private void learnInParallel(BoundStep step, long rowsAbout) {
        step.startLearning(rowsAbout);
        List<BoundStep> workers = new ArrayList<>(List.of(step));
        while (workers.size() < threads) {
            workers.add(step.forkToLearn().orElseThrow());
        }
        new Batches<>(workers)
                .run(
                        source.rows(),
                        (worker, batch) -> {
                            for (Row row : batch) {
                                if (row.cells().size() == width) {
                                    observed(worker, row.cells());
                                }
                            }
                            return batch.size();
                        },
                        seen -> {});
        workers.subList(1, workers.size()).forEach(step::joinLearned);
        if (rowsAbout > 0 && step.mustLearnAgain()) {
            learnInParallel(step, 0);
        } else {
            step.endLearning();
        }
    }

    /** Returns for each step what takes its rows, and at last what takes the rows of the last one. */
    private static List<Consumer<List<String>>> stages(List<BoundStep> steps, Consumer<List<String>> last) {
        LinkedList<Consumer<List<String>>> stages = new LinkedList<>(List.of(last));
        for (int i = steps.size() - 1; i >= 0; i--) {
            BoundStep step = steps.get(i);
            Consumer<List<String>> next = stages.getFirst();
            stages.addFirst(cells -> guarded(step, cells, next));
        }
        return List.copyOf(stages);
    }

    private static void end(List<BoundStep> steps, List<Consumer<List<String>>> stages) {
        for (int i = 0; i < steps.size(); i++) {
            steps.get(i).end(stages.get(i + 1));
        }
    }

    /** {@return on how many rows the program itself failed; they were set aside} */
    public long faults() {
        return faults.count();
    }

    /** {@return where it failed, for whoever mends the program; no value is told} */
    public List<String> faultPlaces() {
        return faults.places();
    }

    /** {@return how many rows were read} */
    public long rows() {
        return rows;
    }

    /** {@return how many rows went out} */
    public long rowsOut() {
        return rowsOut;
    }

    /** {@return how many of them were set aside} */
    public long setAside() {
        return setAside;
    }
}
