package io.inkwellsplit.table.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;

/** A way to make files smaller. Modules add one as a service. */
public interface Packing {
    /** {@return what people call it} */
    String name();

    /** {@return the ending of its files' names, in small letters, with its dot} */
    String ending();

    /**
     * {@return what is packed in a stream}
     *
     * @param packed the stream; closed with what is returned
     * @throws java.util.zip.ZipException if it is not packed so
     * @throws IOException if it cannot be read
     */
    InputStream unpacking(InputStream packed) throws IOException;

    /**
     * {@return a stream that packs what is written to it}
     *
     * @param to where the packed bytes go; closed with what is returned
     * @throws IOException if it cannot be written
     */
    OutputStream packing(OutputStream to) throws IOException;
}
