package io.inkwellsplit.parquet;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Map;
import org.apache.parquet.bytes.HeapByteBufferAllocator;
import org.apache.parquet.column.ColumnWriteStore;
import org.apache.parquet.column.ParquetProperties;
import org.apache.parquet.hadoop.ColumnChunkPageWriteStore;
import org.apache.parquet.hadoop.ParquetFileWriter;
import org.apache.parquet.hadoop.metadata.CompressionCodecName;
import org.apache.parquet.io.ColumnIOFactory;
import org.apache.parquet.io.MessageColumnIO;
import org.apache.parquet.io.api.RecordConsumer;
import org.apache.parquet.schema.MessageType;
import org.apache.parquet.schema.Type;

/** Writes rows in groups of some 16 megabytes. The library's own writer of rows needs a cluster's classes to start. */
final class GroupWriter {
    private static final long GROUP_BYTES = 16L << 20;
    private static final int PADDING = 0;
    private static final int CHECK_EVERY = 1_000;

    private final MessageType schema;
    private final ParquetProperties properties;
    private final ParquetFileWriter file;
    private final MessageColumnIO columns;
    private ColumnChunkPageWriteStore pages;
    private ColumnWriteStore store;
    private RecordConsumer consumer;
    private long rows;

    /** @param different the columns of which nearly every value is another one */
    GroupWriter(String name, OutputStream to, List<Type> types, List<String> different) throws IOException {
        schema = new MessageType("table", types);
        ParquetProperties.Builder builder = ParquetProperties.builder().withAllocator(new HeapByteBufferAllocator());
        // A dictionary of values that do not come again is work for nothing.
        different.forEach(title -> builder.withDictionaryEncoding(title, false));
        properties = builder.build();
        file = new ParquetFileWriter(
                new Streamed(name, to),
                schema,
                ParquetFileWriter.Mode.CREATE,
                GROUP_BYTES,
                PADDING,
                properties.getColumnIndexTruncateLength(),
                properties.getStatisticsTruncateLength(),
                properties.getPageWriteChecksumEnabled());
        file.start();
        columns = new ColumnIOFactory().getColumnIO(schema);
        pages = pages();
        store = properties.newColumnWriteStore(schema, pages, pages);
        consumer = columns.getRecordWriter(store);
    }

    private ColumnChunkPageWriteStore pages() {
        return new ColumnChunkPageWriteStore(
                new Codecs().getCompressor(CompressionCodecName.ZSTD),
                schema,
                properties.getAllocator(),
                properties.getColumnIndexTruncateLength(),
                properties.getPageWriteChecksumEnabled());
    }

    /** Returns what takes the next row. */
    RecordConsumer consumer() {
        return consumer;
    }

    /** Is told that a row has come. */
    void added() throws IOException {
        rows++;
        if (rows % CHECK_EVERY == 0 && store.getBufferedSize() > GROUP_BYTES) {
            endGroup();
            pages = pages();
            store = properties.newColumnWriteStore(schema, pages, pages);
            consumer = columns.getRecordWriter(store);
        }
    }

    private void endGroup() throws IOException {
        consumer.flush();
        if (rows > 0) {
            file.startBlock(rows);
            store.flush();
            pages.flushToFileWriter(file);
            file.endBlock();
        }
        store.close();
        pages.close();
        rows = 0;
    }

    /** Ends the file. */
    void end(Map<String, String> metadata) throws IOException {
        endGroup();
        file.end(metadata);
    }
}
