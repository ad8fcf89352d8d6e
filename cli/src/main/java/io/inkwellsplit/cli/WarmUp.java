package io.inkwellsplit.cli;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import java.util.Arrays;
import java.util.List;

/**
 * Loads what a command is going to need beside what it does first: reading the words of names, and those of addresses, takes
 * longer than anything else in a short run, and there is mostly another core. What comes of it is the same.
 */
final class WarmUp {
    private WarmUp() {}

    /** Starts loading what the arguments point to; returns at once. */
    static void start(String... args) {
        List<String> all = Arrays.asList(args);
        boolean helps = all.contains("--help") || all.contains("-h");
        boolean splits = !helps && (all.contains("split") || all.contains("demo") || all.contains("survey"));
        boolean finds = all.stream().noneMatch(arg -> arg.startsWith("--name") || arg.startsWith("--address"));
        if (splits && (finds || has(all, "--name"))) {
            inBackground(() -> NameSplitter.standard().split("Thorne"));
        }
        if (splits && (finds || has(all, "--address"))) {
            // An American one, as most of the places are American.
            inBackground(() -> AddressSplitter.standard().split("VT 05641"));
        }
    }

    private static boolean has(List<String> args, String option) {
        return args.stream().anyMatch(arg -> arg.equals(option) || arg.startsWith(option + "="));
    }

    private static void inBackground(Runnable load) {
        Thread thread = new Thread(load, "inkwell-warm-up");
        thread.setDaemon(true);
        // What cannot be loaded is told by the command, when it needs it.
        thread.setUncaughtExceptionHandler((failed, e) -> {});
        thread.start();
    }
}
