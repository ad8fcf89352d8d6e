package io.inkwellsplit.table.job;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.run.Run;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/**
 * What a run has left of itself beside its output: which files it read and wrote, by their SHA-256, with which version, and
 * how many rows. It is a job file as well, so that the run can be done again.
 */
public final class RunRecord {
    /** The key of a job file under which it stands. */
    static final String KEY = "record";

    private static final String ENDING = ".record.yaml";
    private static final int BUFFER = 1 << 16;

    private final Path file;
    private final Map<?, ?> told;

    private RunRecord(Path file, Map<?, ?> told) {
        this.file = file;
        this.told = told;
    }

    /** Returns where the record of an output stands. */
    static Path beside(Path output) {
        return output.resolveSibling(output.getFileName() + ENDING);
    }

    /** Returns what the record of a run says. */
    static String text(Job job, Path output, List<Path> read, String written, Run run) {
        Path file = beside(output);
        Map<String, Object> record = new LinkedHashMap<>();
        record.put("version", version());
        record.put("date", LocalDate.now().toString());
        record.put("rows", run.rows());
        record.put("rows out", run.rowsOut());
        record.put("set aside", run.setAside());
        List<Map<String, String>> inputs = new ArrayList<>();
        for (Path one : read) {
            inputs.add(entry(JobWriter.told(one, file), hash(one)));
        }
        record.put("read", inputs);
        record.put("written", entry(JobWriter.told(output, file), written));
        return "# What a run has done; inkwell run --check tells whether the same comes again.\n"
                + JobWriter.text(job, file, Map.of(KEY, record));
    }

    private static Map<String, String> entry(String file, String hash) {
        Map<String, String> entry = new LinkedHashMap<>();
        entry.put("file", file);
        entry.put("sha256", hash);
        return entry;
    }

    private static String version() {
        String version = RunRecord.class.getPackage().getImplementationVersion();
        return version == null ? "not packaged" : version;
    }

    static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }

    static String hex(MessageDigest digest) {
        return HexFormat.of().formatHex(digest.digest());
    }

    private static String hash(Path file) {
        MessageDigest digest = digest();
        try (InputStream in = Files.newInputStream(file);
                OutputStream to = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
            byte[] buffer = new byte[BUFFER];
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                to.write(buffer, 0, read);
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
        return hex(digest);
    }

    /**
     * Reads a record.
     *
     * @param file the file
     * @return the record
     * @throws TableException if it cannot be read, or is none
     */
    public static RunRecord read(Path file) {
        JobReader.read(file);
        try {
            Object all = new Load(
                            LoadSettings.builder().setLabel(file.toString()).build())
                    .loadFromString(Files.readString(file));
            if (all instanceof Map<?, ?> job && job.get(KEY) instanceof Map<?, ?> told) {
                return new RunRecord(file, told);
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
        throw new TableException(
                Problem.SETTING, file + " is a job, and no record of a run; --record writes one beside an output.");
    }

    /** What a check has found. */
    public record Check(boolean isSame, List<String> sentences) {}

    /**
     * Does the run again, without writing anything that stays, and compares.
     *
     * @param formats the forms of tables
     * @return whether the same bytes came, and what is to be said
     * @throws TableException if the run cannot be done again
     */
    public Check check(Formats formats) {
        List<String> sentences = new ArrayList<>();
        if (told.get("read") instanceof List<?> inputs) {
            for (Object one : inputs) {
                Path input = file.resolveSibling(text(one, "file"));
                if (!Files.isRegularFile(input)) {
                    sentences.add(input + " is not there any more.");
                } else if (!hash(input).equals(text(one, "sha256"))) {
                    sentences.add(input + " has changed since.");
                }
            }
        }
        if (!text(told, "version").equals(version())) {
            sentences.add("The record is of version " + text(told, "version") + ", this is " + version() + ".");
        }
        Object written = told.get("written");
        String name = text(written, "file");
        boolean same = again(formats, name).equals(text(written, "sha256"));
        sentences.add(name + (same ? ": the same bytes come again." : ": other bytes come now."));
        return new Check(same, sentences);
    }

    /** Returns the hash of what comes now. */
    private String again(Formats formats, String name) {
        try {
            Path folder = Files.createTempDirectory("inkwell");
            Path output = folder.resolve(Path.of(name).getFileName());
            try {
                JobRun.of(JobReader.read(file).again(output)).with(formats).run();
                return hash(output);
            } finally {
                try (var left = Files.list(folder)) {
                    for (Path one : left.toList()) {
                        Files.delete(one);
                    }
                }
                Files.delete(folder);
            }
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "The folder for temporary files cannot be written.", e);
        }
    }

    private static String text(@Nullable Object map, String key) {
        return map instanceof Map<?, ?> entry && entry.get(key) != null ? String.valueOf(entry.get(key)) : "";
    }
}
