package io.inkwellsplit.table.part;

import java.util.Locale;
import java.util.stream.IntStream;

/** Shares and confidences as tables show them, with three digits. */
public final class Thousandths {
    /** Every one of them: formatting one takes longer than reading a name. */
    private static final String[] TEXTS = IntStream.rangeClosed(0, 1000)
            .mapToObj(thousandths -> String.format(Locale.ROOT, "%.3f", thousandths / 1000.0))
            .toArray(String[]::new);

    private Thousandths() {}

    /**
     * {@return a share as text: {@code 0.982}}
     *
     * @param share from 0 to 1
     */
    public static String text(double share) {
        return TEXTS[(int) Math.round(share * (TEXTS.length - 1))];
    }
}
