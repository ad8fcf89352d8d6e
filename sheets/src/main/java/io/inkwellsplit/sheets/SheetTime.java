package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType.Kind;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.OptionalDouble;

/** Days and times of day as OOXML counts them (ECMA-376, 18.17.4). */
final class SheetTime {
    /** Before it the count has a day that never was, the 29 February 1900. */
    private static final LocalDate FIRST = LocalDate.of(1900, 3, 1);

    private static final LocalDate ZERO = LocalDate.of(1899, 12, 30);
    private static final double SECONDS_A_DAY = 86_400;

    private SheetTime() {}

    /** Returns the number of a day or time that a text tells in ISO 8601, to the second; empty where it tells none. */
    static OptionalDouble day(Kind kind, String text) {
        if (kind != Kind.DATE && kind != Kind.MOMENT && kind != Kind.TIME) {
            return OptionalDouble.empty();
        }
        try {
            if (text.indexOf('-') < 0) {
                LocalTime time = LocalTime.parse(text);
                return time.getNano() == 0
                        ? OptionalDouble.of(time.toSecondOfDay() / SECONDS_A_DAY)
                        : OptionalDouble.empty();
            }
            LocalDateTime moment = text.indexOf(':') < 0
                    ? LocalDate.parse(text).atStartOfDay()
                    : LocalDateTime.parse(text.replace(' ', 'T'));
            boolean told = moment.getNano() == 0 && !moment.toLocalDate().isBefore(FIRST);
            return told
                    ? OptionalDouble.of(ChronoUnit.DAYS.between(ZERO, moment.toLocalDate())
                            + moment.toLocalTime().toSecondOfDay() / SECONDS_A_DAY)
                    : OptionalDouble.empty();
        } catch (DateTimeException e) {
            return OptionalDouble.empty();
        }
    }

    /** Returns such a number as it is written. */
    static String written(double day) {
        return BigDecimal.valueOf(day).stripTrailingZeros().toPlainString();
    }
}
