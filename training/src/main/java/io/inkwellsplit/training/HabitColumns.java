package io.inkwellsplit.training;

import io.inkwellsplit.training.NameWriter.Casing;
import io.inkwellsplit.training.NameWriter.Extras;
import io.inkwellsplit.training.NameWriter.Order;
import java.util.ArrayList;
import java.util.List;

/**
 * Columns that keep one habit which single names leave open: two family names, the family name first in plain case,
 * initials without dots behind it, Chinese names in Latin letters. A third of the names and more are in no list, so that the
 * column has to be believed.
 */
final class HabitColumns {
    private static final double MOST_UNKNOWN = 0.7;
    private static final List<String> IBERIAN = List.of("es", "es_MX", "pt_PT", "pt_BR");

    private final NamePools pools;
    private final NameWriter writer;

    /** What a column does throughout. */
    private enum Habit {
        TWO_FAMILY_NAMES,
        TWO_FAMILY_NAMES_FIRST,
        FAMILY_FIRST,
        INITIALS_BEHIND,
        ROMANISED,
        ARAB,
        PLAIN
    }

    HabitColumns(NamePools pools, NameWriter writer) {
        this.pools = pools;
        this.writer = writer;
    }

    List<Labelled> column(int rows) {
        pools.newRegister(MOST_UNKNOWN * pools.number(0, 10) / 10);
        Habit habit = pools.pick(Habit.values());
        String locale = locale(habit);
        double two = pools.pick(1.0, 1.0, 0.9, 0.8, 0.6, 0.5);
        Casing casing = pools.chance(0.2) ? Casing.CAPITALS : Casing.NORMAL;
        Order order =
                switch (habit) {
                    case FAMILY_FIRST, INITIALS_BEHIND, TWO_FAMILY_NAMES_FIRST -> Order.FAMILY_FIRST;
                    case ROMANISED -> pools.pick(Order.FAMILY_FIRST, Order.GIVEN_FIRST);
                    default -> Order.GIVEN_FIRST;
                };
        // Hardly any column keeps its habit to the last row.
        double kept = pools.chance(0.8) ? 1 : 0.95;
        List<Labelled> column = new ArrayList<>();
        for (int i = 0; i < rows; i++) {
            boolean keeps = pools.chance(kept);
            Person person = new Person(pools, locale, habit == Habit.PLAIN ? 0.1 : two);
            if (habit == Habit.INITIALS_BEHIND) {
                person.shorten();
            }
            Order here = keeps ? order : order == Order.FAMILY_FIRST ? Order.GIVEN_FIRST : Order.FAMILY_FIRST;
            column.add(writer.write(person, here, casing, Extras.NONE, false));
        }
        return column;
    }

    private String locale(Habit habit) {
        return switch (habit) {
            case TWO_FAMILY_NAMES, TWO_FAMILY_NAMES_FIRST -> pools.any(IBERIAN);
            case ROMANISED -> NamePools.ROMANISED;
            case ARAB -> NamePools.ARAB;
            default -> pools.chance(0.3) ? "en_US" : pools.any(NamePools.LATIN);
        };
    }
}
