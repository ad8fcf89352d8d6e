package io.inkwellsplit.parquet;

import java.io.IOException;
import java.io.OutputStream;
import org.apache.parquet.io.OutputFile;
import org.apache.parquet.io.PositionOutputStream;

/** A file that is written from its beginning to its end. */
final class Streamed implements OutputFile {
    private final String name;
    private final OutputStream to;

    Streamed(String name, OutputStream to) {
        this.name = name;
        this.to = to;
    }

    @Override
    public PositionOutputStream create(long blockSize) {
        return new PositionOutputStream() {
            private long place;

            @Override
            public long getPos() {
                return place;
            }

            @Override
            public void write(int one) throws IOException {
                to.write(one);
                place++;
            }

            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                to.write(bytes, from, length);
                place += length;
            }

            @Override
            public void flush() throws IOException {
                to.flush();
            }
        };
    }

    @Override
    public PositionOutputStream createOrOverwrite(long blockSize) {
        return create(blockSize);
    }

    @Override
    public boolean supportsBlockSize() {
        return false;
    }

    @Override
    public long defaultBlockSize() {
        return 0;
    }

    @Override
    public String getPath() {
        return name;
    }
}
