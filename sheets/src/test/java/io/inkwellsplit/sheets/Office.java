package io.inkwellsplit.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** An office program, without a window, that reads a spreadsheet and writes it anew. */
final class Office {
    private static final Path PROGRAM = Path.of("/usr/bin/soffice");

    private Office() {}

    /** Ends a test where there is none, unless it is required. */
    static void assumeThere() {
        boolean required = "required".equals(System.getenv("INKWELL_OFFICE_TESTS"));
        assumeTrue(required || Files.exists(PROGRAM), "there is no office program");
    }

    /** Returns what the program writes of a file in a form. */
    static Path written(Path file, String form, Path folder) throws IOException, InterruptedException {
        Path out = Files.createDirectories(folder.resolve("out-" + form));
        Process process = new ProcessBuilder(
                        PROGRAM.toString(),
                        "--headless",
                        "-env:UserInstallation=" + folder.resolve("profile").toUri(),
                        "--convert-to",
                        form,
                        "--outdir",
                        out.toString(),
                        file.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("office.log").toFile())
                .start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        String name = String.valueOf(file.getFileName());
        return out.resolve(name.substring(0, name.lastIndexOf('.')) + "." + form);
    }
}
