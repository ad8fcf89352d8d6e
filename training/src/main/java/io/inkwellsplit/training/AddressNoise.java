package io.inkwellsplit.training;

import java.util.Locale;
import java.util.function.UnaryOperator;

/** What typing does to addresses: capitals, small letters, stray blanks and commas. */
record AddressNoise(NamePools pools) {
    /** @param capitals the share of values in capitals */
    UnaryOperator<String> casing(double capitals) {
        if (pools.chance(capitals)) {
            return s -> s.toUpperCase(Locale.ROOT);
        }
        return pools.chance(0.04) ? s -> s.toLowerCase(Locale.ROOT) : UnaryOperator.identity();
    }

    /** Stray blanks and commas. */
    String strewn(String text) {
        String s = text;
        if (pools.chance(0.05)) {
            s = s.replaceFirst(", ", pools.pick(",", " , ", ",,", ", , "));
        }
        if (pools.chance(0.04)) {
            s = s.replaceFirst(" ", "  ");
        }
        return pools.chance(0.03) ? s + pools.pick(",", " ", " ,") : s;
    }
}
