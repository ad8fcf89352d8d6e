package io.inkwellsplit.parquet;

import io.airlift.compress.Compressor;
import io.airlift.compress.Decompressor;
import io.airlift.compress.lz4.Lz4Decompressor;
import io.airlift.compress.snappy.SnappyDecompressor;
import io.airlift.compress.zstd.ZstdCompressor;
import io.airlift.compress.zstd.ZstdDecompressor;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.zip.GZIPInputStream;
import org.apache.parquet.bytes.BytesInput;
import org.apache.parquet.compression.CompressionCodecFactory;
import org.apache.parquet.hadoop.metadata.CompressionCodecName;

/** The ways in which pages are packed, in plain Java: gzip, Snappy, LZ4 and Zstandard are read, Zstandard is written. */
final class Codecs implements CompressionCodecFactory {
    @Override
    public BytesInputCompressor getCompressor(CompressionCodecName name) {
        Compressor zstd = new ZstdCompressor();
        return new BytesInputCompressor() {
            @Override
            public BytesInput compress(BytesInput bytes) throws IOException {
                byte[] plain = all(bytes);
                byte[] packed = new byte[zstd.maxCompressedLength(plain.length)];
                int length = zstd.compress(plain, 0, plain.length, packed, 0, packed.length);
                return BytesInput.from(packed, 0, length);
            }

            @Override
            public CompressionCodecName getCodecName() {
                return CompressionCodecName.ZSTD;
            }

            @Override
            public void release() {
                // It holds nothing that has to be given back.
            }
        };
    }

    private static byte[] all(BytesInput bytes) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream((int) bytes.size());
        bytes.writeAllTo(all);
        return all.toByteArray();
    }

    @Override
    public BytesInputDecompressor getDecompressor(CompressionCodecName name) {
        return switch (name) {
            case UNCOMPRESSED -> unpacking((packed, size) -> packed);
            case GZIP ->
                unpacking((packed, size) -> {
                    try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
                        return in.readNBytes(size);
                    }
                });
            case SNAPPY -> unpacking(by(new SnappyDecompressor()));
            case LZ4_RAW -> unpacking(by(new Lz4Decompressor()));
            case ZSTD -> unpacking(by(new ZstdDecompressor()));
            default -> throw new UnsupportedOperationException("pages are packed by " + name + ", which is not known");
        };
    }

    /** Unpacks bytes of which it is known how many they are. */
    private interface Unpacking {
        byte[] unpack(byte[] packed, int size) throws IOException;
    }

    private static Unpacking by(Decompressor decompressor) {
        return (packed, size) -> {
            byte[] plain = new byte[size];
            decompressor.decompress(packed, 0, packed.length, plain, 0, size);
            return plain;
        };
    }

    private static BytesInputDecompressor unpacking(Unpacking unpacking) {
        return new BytesInputDecompressor() {
            @Override
            public BytesInput decompress(BytesInput bytes, int size) throws IOException {
                return BytesInput.from(unpacking.unpack(all(bytes), size));
            }

            @Override
            public void decompress(ByteBuffer from, int packedSize, ByteBuffer to, int size) throws IOException {
                byte[] packed = new byte[packedSize];
                from.get(packed);
                to.put(unpacking.unpack(packed, size));
            }

            @Override
            public void release() {
                // It holds nothing that has to be given back.
            }
        };
    }

    @Override
    public void release() {
        // Nor does this.
    }
}
