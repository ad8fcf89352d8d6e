package io.inkwellsplit.weigh;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.Function;

/**
 * The readers of values, each with its buffers: one for each thread and vocabulary. A reader belongs to no splitter, and so
 * holds none back; a thread keeps those of the few vocabularies that it used last.
 *
 * @param <W> the vocabulary
 * @param <R> the reader
 */
public final class ThreadReaders<W, R> {
    /** Shipped words and two of the user's take turns without making readers anew. */
    private static final int KEPT = 3;

    private final Function<W, R> maker;
    private final ThreadLocal<Deque<Entry<W, R>>> kept = ThreadLocal.withInitial(ArrayDeque::new);

    private record Entry<W, R>(W words, R reader) {}

    /** @param maker makes a reader of a vocabulary */
    public ThreadReaders(Function<W, R> maker) {
        this.maker = maker;
    }

    /** Returns this thread's reader for a vocabulary. */
    public R of(W words) {
        Deque<Entry<W, R>> entries = kept.get();
        Entry<W, R> first = entries.peekFirst();
        return first != null && first.words == words ? first.reader : further(words, entries);
    }

    private R further(W words, Deque<Entry<W, R>> entries) {
        Entry<W, R> found = null;
        for (Entry<W, R> entry : entries) {
            found = entry.words == words ? entry : found;
        }
        if (found == null) {
            found = new Entry<>(words, maker.apply(words));
        } else {
            entries.remove(found);
        }
        entries.addFirst(found);
        while (entries.size() > KEPT) {
            entries.removeLast();
        }
        return found.reader;
    }
}
