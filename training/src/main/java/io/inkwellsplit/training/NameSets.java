package io.inkwellsplit.training;

import io.inkwellsplit.training.NameWriter.Casing;
import io.inkwellsplit.training.NameWriter.Extras;
import io.inkwellsplit.training.NameWriter.Order;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Generated, labelled columns of names; the same seed gives the same columns. */
public final class NameSets {
    private static final int ROWS = 200;

    private final NamePools pools;
    private final NameWriter writer;
    private final LayerWriter layers;
    private final HabitColumns habits;

    /** What a column is like. */
    public enum Set {
        /** One format, no noise. */
        TIDY,
        /** Two orders and both cases in one column, with ordinary noise. */
        MIXED,
        /** Titles, suffixes, credentials, nicknames, particles and capitals at once. */
        EVERYTHING,
        /** What stands around names, couples and organisations. */
        LAYERS,
        /** One habit throughout: two family names, the family name first in plain case, initials behind; many names in no list. */
        HABITS
    }

    /** @param folder where the name lists are */
    public NameSets(Path folder, long seed) {
        this.pools = new NamePools(new NameSources(folder), new Random(seed));
        this.writer = new NameWriter(pools);
        this.layers = new LayerWriter(pools, writer);
        this.habits = new HabitColumns(pools, writer);
    }

    /** Returns one more column. */
    public List<Labelled> column(Set set) {
        if (set == Set.HABITS) {
            return habits.column(ROWS);
        }
        pools.newRegister();
        String locale = pools.chance(0.55) ? "en_US" : pools.any(NamePools.LATIN);
        Order order = pools.pick(
                Order.GIVEN_FIRST, Order.GIVEN_FIRST, Order.FAMILY_COMMA, Order.FAMILY_COMMA, Order.FAMILY_FIRST);
        Casing casing = order == Order.FAMILY_FIRST
                ? pools.pick(Casing.CAPITALS, Casing.CAPITALS, Casing.NORMAL, Casing.FAMILY_IN_CAPITALS)
                : pools.pick(
                        Casing.NORMAL,
                        Casing.NORMAL,
                        Casing.NORMAL,
                        Casing.CAPITALS,
                        Casing.SMALL,
                        Casing.FAMILY_IN_CAPITALS);
        if (set == Set.TIDY && pools.chance(0.12)) {
            locale = pools.chance(0.5) ? eastAsian() : pools.chance(0.3) ? "vi" : pools.any(NamePools.OTHER_SCRIPTS);
            casing = Casing.NORMAL;
            order = Order.GIVEN_FIRST;
        }
        if (set == Set.TIDY && pools.chance(0.05)) {
            locale = NamePools.ROMANISED;
            order = pools.pick(Order.FAMILY_FIRST, Order.FAMILY_FIRST, Order.GIVEN_FIRST, Order.FAMILY_COMMA);
        }
        // A register keeps one family name for everybody, or two.
        double twoFamilyNames = pools.chance(0.7) ? 0.97 : 0.02;
        boolean mostlyCapitals = pools.chance(0.25);
        List<Labelled> rows = new ArrayList<>();
        for (int i = 0; i < ROWS; i++) {
            rows.add(
                    switch (set) {
                        case TIDY ->
                            writer.write(new Person(pools, locale, twoFamilyNames), order, casing, Extras.NONE, false);
                        case MIXED -> mixed(Extras.FEW, mostlyCapitals);
                        case EVERYTHING -> mixed(Extras.MANY, mostlyCapitals);
                        case LAYERS ->
                            pools.chance(0.7)
                                    ? layers.write(
                                            pools.pick(Order.GIVEN_FIRST, Order.GIVEN_FIRST, Order.FAMILY_COMMA),
                                            pools.chance(mostlyCapitals ? 0.9 : 0.1))
                                    : mixed(Extras.FEW, mostlyCapitals);
                        case HABITS -> throw new IllegalStateException("written elsewhere");
                    });
        }
        return rows;
    }

    private String eastAsian() {
        return pools.chance(0.3) ? "vi" : pools.any(NamePools.EAST_ASIAN);
    }

    private Labelled mixed(Extras extras, boolean mostlyCapitals) {
        if (pools.chance(0.005)) {
            return new Labelled(pools.pick("N/A", "unknown", "-", "n/a", "none", "?", ""), "blank", Map.of());
        }
        String locale = pools.chance(0.7) ? "en_US" : pools.any(NamePools.LATIN);
        if (pools.chance(0.02)) {
            return writer.partial(new Person(pools, "en_US"));
        }
        if (pools.chance(0.02)) {
            locale = pools.chance(0.5) ? eastAsian() : pools.any(NamePools.OTHER_SCRIPTS);
        }
        Order order = pools.pick(Order.GIVEN_FIRST, Order.FAMILY_COMMA);
        Casing casing = pools.chance(mostlyCapitals ? 0.9 : 0.1)
                ? Casing.CAPITALS
                : pools.chance(0.04) ? Casing.SMALL : pools.chance(0.06) ? Casing.FAMILY_IN_CAPITALS : Casing.NORMAL;
        boolean roll = casing == Casing.CAPITALS && mostlyCapitals && pools.chance(0.06);
        if (roll || casing == Casing.FAMILY_IN_CAPITALS && pools.chance(0.5)) {
            order = Order.FAMILY_FIRST;
        }
        if (locale.equals("en_US") && pools.chance(0.012)) {
            locale = NamePools.ROMANISED;
            order = pools.pick(order, order, Order.FAMILY_FIRST);
        }
        boolean latin =
                locale.equals(NamePools.ROMANISED) || locale.equals("en_US") || NamePools.LATIN.contains(locale);
        return writer.write(
                new Person(pools, locale),
                latin ? order : Order.GIVEN_FIRST,
                latin ? casing : Casing.NORMAL,
                extras,
                true);
    }
}
