package io.inkwellsplit.cli;

import io.inkwellsplit.table.split.Preload;
import java.util.Arrays;
import java.util.List;

/** Starts to load what a command is going to need beside what it does first. */
final class WarmUp {
    private WarmUp() {}

    /** Starts loading what the arguments point to; returns at once. */
    static void start(String... args) {
        List<String> all = Arrays.asList(args);
        boolean helps = all.contains("--help") || all.contains("-h");
        boolean splits = !helps && (all.contains("split") || all.contains("demo") || all.contains("survey"));
        boolean finds = all.stream().noneMatch(arg -> arg.startsWith("--name") || arg.startsWith("--address"));
        if (splits && (finds || has(all, "--name"))) {
            Preload.names();
        }
        if (splits && (finds || has(all, "--address"))) {
            Preload.addresses();
        }
    }

    private static boolean has(List<String> args, String option) {
        return args.stream().anyMatch(arg -> arg.equals(option) || arg.startsWith(option + "="));
    }
}
