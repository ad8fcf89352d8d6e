package io.inkwellsplit.sheets;

import io.airlift.compress.zstd.ZstdInputStream;
import io.airlift.compress.zstd.ZstdOutputStream;
import io.inkwellsplit.table.file.Packing;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PushbackInputStream;
import java.util.Arrays;
import java.util.zip.ZipException;

/** Files packed by Zstandard (RFC 8878). */
public final class Zstd implements Packing {
    private static final byte[] MAGIC = {0x28, (byte) 0xb5, 0x2f, (byte) 0xfd};

    /** Makes it; found as a service. */
    public Zstd() {}

    @Override
    public String name() {
        return "zstd";
    }

    @Override
    public String ending() {
        return ".zst";
    }

    @Override
    public InputStream unpacking(InputStream packed) throws IOException {
        PushbackInputStream in = new PushbackInputStream(packed, MAGIC.length);
        byte[] first = in.readNBytes(MAGIC.length);
        if (!Arrays.equals(first, MAGIC)) {
            throw new ZipException("it begins otherwise");
        }
        in.unread(first);
        return new Checked(new ZstdInputStream(in));
    }

    @Override
    public OutputStream packing(OutputStream to) throws IOException {
        return new ZstdOutputStream(to);
    }

    /** What is packed otherwise is told as a fault of the file. */
    private static final class Checked extends FilterInputStream {
        Checked(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            try {
                return super.read(into, from, length);
            } catch (RuntimeException e) {
                ZipException fault = new ZipException(e.getMessage());
                fault.initCause(e);
                throw fault;
            }
        }
    }
}
