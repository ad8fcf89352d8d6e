package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.data.Resources;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes generated addresses anew: with other separators between their parts, the end or the town of another address, other
 * numbers and counties. What their parts are is not told, nor is it always what it was.
 */
final class Rewriting {
    private static final String[] SEPARATORS = {", ", ", ", " ", " ", "\n"};
    private static final double MIXED = 0.3;
    private static final double OTHER_END = 0.5;
    private static final double OTHER_TOWN = 0.3;
    private static final double OTHER_COUNTY = 0.7;
    private static final double OTHER_NUMBER = 0.4;
    private static final int MOST_DIGITS = 5;
    private static final Pattern NUMBER = Pattern.compile("^[0-9]+(?= )|(?<= )[0-9]+$");
    private static final Set<String> END = Set.of("city", "county", "state", "postcode", "country");

    private final Random random;
    private final List<String> counties;

    /** A piece of a part and what stands before it. */
    private record Piece(String between, String key, String text) {}

    Rewriting(Random random) {
        this.random = random;
        this.counties =
                Resources.sections(AddressSplitter.class, "place/country/GB.txt")
                        .getOrDefault("county", List.of())
                        .stream()
                        .map(line -> line.fields()[0])
                        .toList();
    }

    /**
     * Returns an address as it may also be written; empty where it is not known how its parts stand in it.
     *
     * @param others addresses of the same kind, whose ends and towns may be taken
     */
    Optional<String> write(Labelled row, List<Labelled> others) {
        List<Piece> pieces = pieces(row);
        List<Piece> end = random.nextDouble() < OTHER_END ? pieces(any(others)) : pieces;
        if (pieces.isEmpty() || end.isEmpty()) {
            return Optional.empty();
        }
        List<Piece> all = new ArrayList<>();
        pieces.stream().filter(piece -> !END.contains(piece.key())).forEach(all::add);
        end.stream().filter(piece -> END.contains(piece.key())).forEach(all::add);
        String usual = any(List.of(SEPARATORS));
        boolean mixed = random.nextDouble() < MIXED;
        boolean moves = random.nextDouble() < OTHER_TOWN;
        StringBuilder text = new StringBuilder();
        for (Piece piece : all) {
            boolean codeFollows =
                    piece.key().equals("postcode") && piece.between().equals(" ");
            boolean separates =
                    piece.between().isBlank() || piece.between().strip().equals(",");
            String separator = codeFollows || !separates ? piece.between() : mixed ? any(List.of(SEPARATORS)) : usual;
            text.append(text.isEmpty() && separates ? "" : separator);
            text.append(
                    switch (piece.key()) {
                        case "street", "box" -> withOtherNumber(piece.text());
                        case "city" -> moves ? cityOf(any(others)).orElse(piece.text()) : piece.text();
                        case "county" -> random.nextDouble() < OTHER_COUNTY ? any(counties) : piece.text();
                        default -> piece.text();
                    });
        }
        return Optional.of(text.toString());
    }

    private static List<Piece> pieces(Labelled row) {
        List<Piece> pieces = new ArrayList<>();
        int from = 0;
        for (Labelled.Place place : row.places()) {
            pieces.add(new Piece(
                    row.text().substring(from, place.start()),
                    place.key(),
                    row.text().substring(place.start(), place.end())));
            from = place.end();
        }
        return pieces;
    }

    /** The number at the start or the end is now and then another, with more digits or fewer. */
    private String withOtherNumber(String written) {
        Matcher number = NUMBER.matcher(written);
        if (random.nextDouble() >= OTHER_NUMBER || !number.find()) {
            return written;
        }
        int digits = 1 + random.nextInt(MOST_DIGITS);
        String other = Integer.toString(random.nextInt((int) Math.pow(10, digits)) + 1);
        return written.substring(0, number.start()) + other + written.substring(number.end());
    }

    private <T> T any(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private static Optional<String> cityOf(Labelled row) {
        return Optional.ofNullable(row.parts().get("city"));
    }
}
