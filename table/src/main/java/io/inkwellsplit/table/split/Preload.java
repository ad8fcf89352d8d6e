package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;

/**
 * Loads words before they are asked for, in threads of their own: in a short run that takes longer than anything else, and
 * there is mostly another core. What comes of it is the same; safe for use by several threads.
 */
public final class Preload {
    private Preload() {}

    /** Starts loading the words of names; returns at once. */
    public static void names() {
        inBackground(() -> NameSplitter.standard().split("Thorne"));
    }

    /** Starts loading the words of addresses, the names of countries, and the American places, as most are American; returns at once. */
    public static void addresses() {
        inBackground(() -> AddressSplitter.standard().split("12 Main St, Barre, VT 05641"));
        inBackground(() -> AddressSplitter.countryCode("NO"));
    }

    private static void inBackground(Runnable load) {
        Thread thread = new Thread(load, "inkwell-preload");
        thread.setDaemon(true);
        // What cannot be loaded is told when it is needed.
        thread.setUncaughtExceptionHandler((failed, e) -> {});
        thread.start();
    }
}
