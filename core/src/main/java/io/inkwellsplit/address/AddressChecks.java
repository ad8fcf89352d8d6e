package io.inkwellsplit.address;

import io.inkwellsplit.address.cut.Ends;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryPlaces;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.ReadingBuilder;
import java.util.List;
import java.util.Set;

/**
 * Finds parts that contradict each other: the postcode and the state, the city or the country. The parts stay as they
 * are written; a doubt says so, and the likely value is offered as a suggestion.
 */
final class AddressChecks {
    /** Adds the doubts, and offers what is likely meant. */
    void check(AddressText text, Ends.Postcode kind, ReadingBuilder<AddressPart> builder, Set<Doubt> doubts) {
        int at = text.find(AddressPart.POSTCODE);
        if (at < 0) {
            return;
        }
        int end = text.runEnd(at);
        String code = text.source().substring(text.tokens.start(at), text.tokens.end(end - 1));
        boolean mended = kind == Ends.Postcode.WHOLE
                && !isAsWritten(text, at, end)
                && !text.country().postcodes.matches(code);
        if (kind == Ends.Postcode.FOREIGN || mended) {
            doubts.add(Doubt.POSTCODE_FORM);
            String meant = text.country().postcodes.meant(code);
            if (!meant.isEmpty()) {
                builder.suggest(AddressPart.POSTCODE, meant);
            }
            return;
        }
        if (kind == Ends.Postcode.SHORT) {
            doubts.add(Doubt.SHORT_POSTCODE);
            code = "0" + code;
            builder.suggest(AddressPart.POSTCODE, code);
        }
        Country country = text.country();
        int stateAt = text.find(AddressPart.STATE);
        int state = text.state();
        if (state > 0 && stateAt >= 0 && !country.states.isEmpty()) {
            state(country, state, code, builder, doubts);
        }
        if (text.places.of(country).knowsPostcodes()) {
            withGazetteer(text, country, state, builder, doubts);
        }
    }

    /** Returns whether the tokens of a postcode are the whole of it, sign for sign: the usual case, and quick to see. */
    private static boolean isAsWritten(AddressText text, int at, int end) {
        int position = text.tokens.start(at);
        int last = text.tokens.end(end - 1);
        while (position < last && text.tokens.charAt(position) == text.source().charAt(position)) {
            position++;
        }
        return position == last && text.country().postcodes.match(text.tokens, at, end) == end - at;
    }

    /** The first signs of a postcode say which state it is in. */
    private static void state(
            Country country, int state, String code, ReadingBuilder<AddressPart> builder, Set<Doubt> doubts) {
        Country.State written = country.states.get(state - 1);
        if (written.postcodeStarts().isEmpty() || written.mayHave(code)) {
            return;
        }
        doubts.add(Doubt.POSTCODE_STATE);
        List<Country.State> likely = country.statesWithPostcodesLike(code);
        // A code that starts like those of two states suggests neither.
        if (likely.size() == 1) {
            builder.suggest(AddressPart.STATE, likely.get(0).names().get(0));
        }
    }

    private void withGazetteer(
            AddressText text, Country country, int state, ReadingBuilder<AddressPart> builder, Set<Doubt> doubts) {
        int number = text.leadingNumber(text.find(AddressPart.POSTCODE));
        CountryPlaces known = text.places.of(country);
        long states = number < 0 ? 0 : known.statesOf(number);
        if (states == 0) {
            return;
        }
        boolean wrongState = state > 0 && (states & 1L << state) == 0;
        if (wrongState) {
            doubts.add(Doubt.POSTCODE_STATE);
            if (Long.bitCount(states) == 1) {
                builder.suggest(
                        AddressPart.STATE,
                        country.states
                                .get(Long.numberOfTrailingZeros(states) - 1)
                                .names()
                                .get(0));
            }
            return;
        }
        int city = text.find(AddressPart.CITY);
        int end = city < 0 ? 0 : text.runEnd(city);
        int place = city < 0 ? 0 : known.find(text.tokens, city, end);
        if (place > 0 && place != known.placeNumber(number) && !known.isNear(place, number)) {
            doubts.add(Doubt.POSTCODE_CITY);
            String likely = known.placeOf(number);
            if (!likely.isEmpty()) {
                builder.suggest(AddressPart.CITY, likely);
            }
        }
    }
}
