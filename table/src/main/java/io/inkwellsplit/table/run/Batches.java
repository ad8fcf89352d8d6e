package io.inkwellsplit.table.run;

import io.inkwellsplit.table.Row;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.BiFunction;
import java.util.function.Consumer;

/**
 * Works on batches of rows in several threads at once, and hands the results on in the order of the rows.
 *
 * @param <W> what one thread works with; no two threads use one at the same time
 */
final class Batches<W> {
    static final int ROWS = 512;
    /** Batches under way for each thread: enough that none waits, few enough that memory stays flat. */
    private static final int AHEAD = 3;

    private final List<W> workers;

    /** @param workers one for each thread; with one alone, everything is done by the calling thread */
    Batches(List<W> workers) {
        this.workers = List.copyOf(workers);
    }

    /**
     * Goes through rows.
     *
     * @param work done by any thread, on a worker of its own at that time
     * @param inOrder done by the calling thread, batch after batch
     */
    <T> void run(Iterator<Row> rows, BiFunction<W, List<Row>, T> work, Consumer<T> inOrder) {
        List<Row> first = next(rows);
        if (workers.size() < 2 || !rows.hasNext()) {
            for (List<Row> batch = first; !batch.isEmpty(); batch = next(rows)) {
                inOrder.accept(work.apply(workers.get(0), batch));
            }
            return;
        }
        ExecutorService threads = Executors.newFixedThreadPool(workers.size(), task -> {
            Thread thread = new Thread(task, "inkwell-rows");
            thread.setDaemon(true);
            return thread;
        });
        BlockingQueue<W> free = new ArrayBlockingQueue<>(workers.size(), false, workers);
        Deque<Future<T>> underWay = new ArrayDeque<>();
        try {
            for (List<Row> batch = first; !batch.isEmpty(); batch = next(rows)) {
                List<Row> these = batch;
                underWay.add(threads.submit(() -> {
                    W worker = free.take();
                    try {
                        return work.apply(worker, these);
                    } finally {
                        free.add(worker);
                    }
                }));
                if (underWay.size() >= workers.size() * AHEAD) {
                    inOrder.accept(result(underWay.remove()));
                }
            }
            while (!underWay.isEmpty()) {
                inOrder.accept(result(underWay.remove()));
            }
        } finally {
            threads.shutdownNow();
        }
    }

    private static List<Row> next(Iterator<Row> rows) {
        List<Row> batch = new ArrayList<>(ROWS);
        while (batch.size() < ROWS && rows.hasNext()) {
            batch.add(rows.next());
        }
        return batch;
    }

    private static <T> T result(Future<T> future) {
        try {
            return future.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("the run was interrupted", e);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        }
    }
}
