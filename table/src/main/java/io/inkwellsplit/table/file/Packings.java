package io.inkwellsplit.table.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** The ways to pack files that are there: gzip (RFC 1952), and those of modules. */
public final class Packings {
    private static final List<Packing> ALL = all();

    private Packings() {}

    private static List<Packing> all() {
        List<Packing> all = new ArrayList<>(List.of(new Gzip()));
        ServiceLoader.load(Packing.class, Packings.class.getClassLoader()).forEach(all::add);
        return List.copyOf(all);
    }

    /**
     * {@return how a file is packed, as its name says; empty where it is not}
     *
     * @param file the file
     */
    public static Optional<Packing> of(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return ALL.stream().filter(packing -> name.endsWith(packing.ending())).findFirst();
    }

    /**
     * {@return the name that a file has unpacked}
     *
     * @param file the file
     */
    public static Path unpackedName(Path file) {
        String name = String.valueOf(file.getFileName());
        return of(file).map(packing -> file.resolveSibling(
                        name.substring(0, name.length() - packing.ending().length())))
                .orElse(file);
    }

    private static final class Gzip implements Packing {
        @Override
        public String name() {
            return "gzip";
        }

        @Override
        public String ending() {
            return ".gz";
        }

        @Override
        public InputStream unpacking(InputStream packed) throws IOException {
            return new GZIPInputStream(packed);
        }

        @Override
        public OutputStream packing(OutputStream to) throws IOException {
            return new GZIPOutputStream(to);
        }
    }
}
