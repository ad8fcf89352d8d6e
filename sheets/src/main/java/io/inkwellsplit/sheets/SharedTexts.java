package io.inkwellsplit.sheets;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Spool;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The texts that cells of a book share: in memory while they are few, in a temporary file beyond that. */
final class SharedTexts {
    private static final int MOST_IN_MEMORY = 8 << 20;
    private static final int CACHED = 1 << 12;

    private List<String> inMemory = new ArrayList<>();
    private long characters;
    private @Nullable Spool spool;
    private @Nullable DataOutputStream out;
    private long[] ends = new long[1024];
    private int count;
    private final String[] cached = new String[CACHED];
    private final int[] cachedNumbers = new int[CACHED];

    void add(String text) throws IOException {
        characters += text.length();
        if (spool == null && characters <= MOST_IN_MEMORY) {
            inMemory.add(text);
            count++;
            return;
        }
        if (spool == null) {
            spool = Spool.create();
            out = new DataOutputStream(spool.writer());
            List<String> before = inMemory;
            inMemory = List.of();
            count = 0;
            for (String one : before) {
                write(one);
            }
        }
        write(text);
    }

    private void write(String text) throws IOException {
        DataOutputStream to = java.util.Objects.requireNonNull(out, "a spool has its stream");
        byte[] bytes = text.getBytes(StandardCharsets.UTF_16BE);
        try {
            to.write(bytes);
        } catch (IOException e) {
            throw Spool.full(e);
        }
        if (count == ends.length) {
            ends = Arrays.copyOf(ends, 2 * count);
        }
        ends[count] = (count == 0 ? 0 : ends[count - 1]) + bytes.length;
        count++;
    }

    /** Says that all have come. */
    void end() throws IOException {
        if (out != null) {
            out.flush();
        }
    }

    /** @throws TableException if there is no text of this number */
    String get(String file, int number) {
        if (number < 0 || number >= count) {
            throw new TableException(Problem.INPUT, file + " is broken: it has no shared text " + number + ".");
        }
        if (spool == null) {
            return inMemory.get(number);
        }
        int slot = number & CACHED - 1;
        String known = cached[slot];
        if (known == null || cachedNumbers[slot] != number) {
            known = read(file, number);
            cached[slot] = known;
            cachedNumbers[slot] = number;
        }
        return known;
    }

    private String read(String file, int number) {
        long start = number == 0 ? 0 : ends[number - 1];
        byte[] bytes = new byte[(int) (ends[number] - start)];
        try (InputStream in = java.util.Objects.requireNonNull(spool).reader(start)) {
            if (in.readNBytes(bytes, 0, bytes.length) < bytes.length) {
                throw new IOException("too short");
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
        return new String(bytes, StandardCharsets.UTF_16BE);
    }

    void close() {
        if (spool != null) {
            spool.close();
            spool = null;
        }
    }
}
