package org.apache.parquet;

import java.util.Map;
import org.apache.parquet.bytes.HeapByteBufferAllocator;
import org.apache.parquet.compression.CompressionCodecFactory;
import org.apache.parquet.conf.PlainParquetConfiguration;
import org.apache.parquet.filter2.compat.FilterCompat;
import org.apache.parquet.format.converter.ParquetMetadataConverter;

/**
 * Options to read a file where no classes of a cluster are. The builder that the library has for them asks for such classes;
 * its constructor does not, and can be reached from this package alone.
 */
public final class PlainReadOptions {
    private static final int MOST_BYTES_AT_ONCE = 8 << 20;

    private PlainReadOptions() {}

    /**
     * {@return options under which whole files are read, and their checksums looked at}
     *
     * @param codecs unpacks pages
     */
    public static ParquetReadOptions with(CompressionCodecFactory codecs) {
        boolean filters = false;
        return new ParquetReadOptions(
                false,
                filters,
                filters,
                filters,
                filters,
                true,
                filters,
                false,
                false,
                FilterCompat.NOOP,
                ParquetMetadataConverter.NO_FILTER,
                codecs,
                new HeapByteBufferAllocator(),
                MOST_BYTES_AT_ONCE,
                Map.of(),
                null,
                null,
                new PlainParquetConfiguration());
    }
}
