package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import java.io.PrintStream;
import java.nio.file.Path;
import org.apache.spark.sql.SparkSession;

/** Runs a job for somebody at a terminal. */
final class SparkMain {
    private static final int SET_ASIDE = 3;

    private SparkMain() {}

    /** Returns the exit code, as the command line has it. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1) {
            err.println("Name one job, such as inkwell-spark register.yaml.");
            return 2;
        }
        try {
            SparkJob job = SparkJob.of(Path.of(args[0]));
            // Where nobody has told a master, as spark-submit does, all runs in this process.
            SparkSession.Builder builder = SparkSession.builder().appName("inkwell " + args[0]);
            if (System.getProperty("spark.master") == null) {
                builder.master("local[*]").config("spark.ui.enabled", false);
            }
            SparkSession session = builder.getOrCreate();
            try {
                SparkDone done = job.run(session);
                done.summary().forEach(out::println);
                if (done.faults() > 0) {
                    err.println("The program itself failed on " + done.faults()
                            + " rows, set aside with the others. This is a fault of the program.");
                }
                return done.setAside() > 0 ? SET_ASIDE : 0;
            } finally {
                session.stop();
            }
        } catch (TableException e) {
            err.println(e.getMessage());
            return switch (e.problem()) {
                case SETTING -> 2;
                case INPUT -> 4;
                case OUTPUT, CLOSED -> 5;
            };
        } catch (RuntimeException e) {
            err.println("The job could not be finished, and nothing was written: " + deepest(e) + ".");
            return 1;
        }
    }

    private static String deepest(Throwable fault) {
        Throwable at = fault;
        while (at.getCause() != null) {
            at = at.getCause();
        }
        return at.getClass().getSimpleName() + ": "
                + String.valueOf(at.getMessage()).lines().findFirst().orElse("");
    }
}
