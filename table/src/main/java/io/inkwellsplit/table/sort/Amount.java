package io.inkwellsplit.table.sort;

import java.math.BigDecimal;
import java.text.DecimalFormatSymbols;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** A cell as a number or a date, as something that can be compared. Immutable. */
public final class Amount implements Comparable<Amount> {
    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d+([.,]\\d+)?|[.,]\\d+)([eE][+-]?\\d{1,3})?");
    /** Two groups or more, or one and decimals: no doubt which sign does what. */
    private static final Pattern GROUPED =
            Pattern.compile("[+-]?\\d{1,3}((,\\d{3})+\\.\\d+|(\\.\\d{3})+,\\d+|(,\\d{3}){2,}|(\\.\\d{3}){2,})");
    /** {@code 1.234} and {@code 1,234}: the language decides. */
    private static final Pattern ONE_GROUP = Pattern.compile("[+-]?\\d{1,3}[.,]\\d{3}");
    /** Blanks and apostrophes between digits only group. */
    private static final Pattern BLANK_GROUPS = Pattern.compile("(?<=\\d)[ '’\\u00A0\\u202F](?=\\d{3})");

    private static final int MOST_SIGNS = 400;

    private final boolean date;
    private final BigDecimal size;

    private Amount(boolean date, BigDecimal size) {
        this.date = date;
        this.size = size;
    }

    /**
     * {@return what a text is: {@code 1234.5}, {@code 1,234.5}, {@code 1 234,5} or {@code 2026-11-29}; empty where it is neither a
     * number nor such a date}
     *
     * @param text the text
     * @param locale how numbers are written; it decides what {@code 1.234} is
     */
    public static Optional<Amount> of(String text, Locale locale) {
        String plain = text.strip();
        if (plain.isEmpty() || plain.length() > MOST_SIGNS) {
            return Optional.empty();
        }
        Optional<BigDecimal> number = number(BLANK_GROUPS.matcher(plain).replaceAll(""), locale);
        return number.isPresent() ? Optional.of(new Amount(false, number.get())) : date(plain);
    }

    /**
     * {@return the number that a text is; empty where it is none}
     *
     * @param plain the text, without blanks
     * @param locale how numbers are written
     */
    private static Optional<BigDecimal> number(String plain, Locale locale) {
        boolean grouped = GROUPED.matcher(plain).matches();
        if (!grouped && !PLAIN.matcher(plain).matches()) {
            return Optional.empty();
        }
        int last = Math.max(plain.lastIndexOf('.'), plain.lastIndexOf(','));
        if (last < 0 || plain.toLowerCase(Locale.ROOT).indexOf('e') > 0) {
            return Optional.of(new BigDecimal(plain.replace(',', '.')));
        }
        char sign = plain.charAt(last);
        boolean several = plain.indexOf(sign) < last;
        boolean foreign = ONE_GROUP.matcher(plain).matches()
                && DecimalFormatSymbols.getInstance(locale).getDecimalSeparator() != sign;
        String whole = plain.substring(0, last).replaceAll("[.,]", "");
        String rest = plain.substring(last + 1);
        return Optional.of(new BigDecimal(several || foreign ? whole + rest : whole + "." + rest));
    }

    private static Optional<Amount> date(String plain) {
        try {
            return Optional.of(
                    new Amount(true, BigDecimal.valueOf(LocalDate.parse(plain).toEpochDay())));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /**
     * {@return whether both are numbers, or both are dates}
     *
     * @param other another one
     */
    public boolean isLike(Amount other) {
        return date == other.date;
    }

    /** {@return its size, by which it is compared} */
    double size() {
        return size.doubleValue();
    }

    boolean isDate() {
        return date;
    }

    @Override
    public int compareTo(Amount other) {
        return size.compareTo(other.size);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Amount amount && isLike(amount) && compareTo(amount) == 0;
    }

    @Override
    public int hashCode() {
        return size.stripTrailingZeros().hashCode();
    }
}
