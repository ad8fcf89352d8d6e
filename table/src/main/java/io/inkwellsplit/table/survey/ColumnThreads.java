package io.inkwellsplit.table.survey;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Counts columns in several threads, while rows are read in another one. A column is counted by one thread, and so in the
 * order of its rows.
 */
final class ColumnThreads implements AutoCloseable {
    private static final int ROWS = 512;
    /** Batches under way: enough that no thread waits, few enough that memory stays flat. */
    private static final int AHEAD = 4;

    private static final int MOST_THREADS = 8;

    private final List<ColumnCounter> counters;
    private final List<ExecutorService> threads = new ArrayList<>();
    private final Deque<List<Future<?>>> underWay = new ArrayDeque<>();
    private List<List<String>> batch = new ArrayList<>(ROWS);

    ColumnThreads(List<ColumnCounter> counters) {
        this.counters = counters;
        int number = Math.min(
                Math.min(MOST_THREADS, Runtime.getRuntime().availableProcessors()), Math.max(1, counters.size()));
        for (int i = 0; i < number; i++) {
            threads.add(Executors.newSingleThreadExecutor(task -> {
                Thread thread = new Thread(task, "inkwell-columns");
                thread.setDaemon(true);
                return thread;
            }));
        }
    }

    /** Takes a row, which has a cell for each column. */
    void add(List<String> cells) {
        batch.add(cells);
        if (batch.size() == ROWS) {
            hand();
        }
    }

    private void hand() {
        List<List<String>> rows = batch;
        batch = new ArrayList<>(ROWS);
        List<Future<?>> parts = new ArrayList<>();
        for (int i = 0; i < threads.size(); i++) {
            int first = i;
            parts.add(threads.get(i).submit(() -> count(rows, first)));
        }
        underWay.add(parts);
        if (underWay.size() > AHEAD) {
            underWay.remove().forEach(ColumnThreads::await);
        }
    }

    private void count(List<List<String>> rows, int first) {
        for (int column = first; column < counters.size(); column += threads.size()) {
            ColumnCounter counter = counters.get(column);
            for (List<String> cells : rows) {
                counter.add(cells.get(column));
            }
        }
    }

    /** Waits until all that was added is counted. */
    void finish() {
        hand();
        while (!underWay.isEmpty()) {
            underWay.remove().forEach(ColumnThreads::await);
        }
    }

    private static void await(Future<?> part) {
        try {
            part.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("the survey was interrupted", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(e.getCause());
        }
    }

    @Override
    public void close() {
        threads.forEach(ExecutorService::shutdownNow);
    }
}
