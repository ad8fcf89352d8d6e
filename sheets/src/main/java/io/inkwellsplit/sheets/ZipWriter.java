package io.inkwellsplit.sheets;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Packs files of XML, always with the same time, so that the same table gives the same bytes. */
final class ZipWriter {
    static final String XML = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
    /** The first that a packed file can tell: 1980. */
    private static final long TIME = 315_619_200_000L;

    private final ZipOutputStream zip;
    private final Writer out;

    ZipWriter(OutputStream to) {
        zip = new ZipOutputStream(to);
        out = new BufferedWriter(new OutputStreamWriter(zip, StandardCharsets.UTF_8), 1 << 16);
    }

    private static ZipEntry timed(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(TIME);
        return entry;
    }

    /** Writes a whole file as it is, without packing it. */
    void stored(String name, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.US_ASCII);
        ZipEntry entry = timed(name);
        CRC32 sum = new CRC32();
        sum.update(bytes);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /** Writes a whole file of XML. */
    void whole(String name, String text) throws IOException {
        zip.putNextEntry(timed(name));
        zip.write((XML + text).getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    /** Starts a file that is written bit by bit; the one before it ends with that. */
    Writer entry(String name) throws IOException {
        out.flush();
        zip.putNextEntry(timed(name));
        out.write(XML);
        return out;
    }

    void end() throws IOException {
        out.flush();
        zip.closeEntry();
        zip.finish();
        zip.flush();
    }
}
