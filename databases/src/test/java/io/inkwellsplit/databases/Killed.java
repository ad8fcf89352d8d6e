package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.nio.file.Path;

/** A program that writes a whole table and is gone before it has its name, without closing anything, as one that was killed. */
final class Killed {
    private static final int CODE = 9;

    private Killed() {}

    /** Runs it in a process of its own; returns whether it came as far as that. */
    static boolean run(Path from, Path to) throws IOException, InterruptedException {
        Path java = Path.of(System.getProperty("java.home"), "bin", "java");
        Process process = new ProcessBuilder(
                        java.toString(),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Killed.class.getName(),
                        from.toString(),
                        to.toString())
                .inheritIO()
                .start();
        return process.waitFor() == CODE;
    }

    public static void main(String[] args) {
        Path to = Path.of(args[1]);
        Delivery delivery = new Delivery(WhenThere.REPLACE);
        TableInput in = Formats.shipped().open(Path.of(args[0]), ReadSettings.STANDARD);
        TableOutput out = Formats.shipped().toWrite(to).start(to, delivery, WriteSettings.standard());
        out.header(in.header());
        in.rows().forEachRemaining(row -> out.row(row.cells()));
        out.finish();
        Runtime.getRuntime().halt(CODE);
    }
}
