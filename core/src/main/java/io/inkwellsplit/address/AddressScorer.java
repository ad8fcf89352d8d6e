package io.inkwellsplit.address;

import static io.inkwellsplit.address.AddressFeature.*;

import io.inkwellsplit.weigh.Tally;

/** Tallies the features of a candidate. Holds a buffer, so it is confined to one thread. */
final class AddressScorer {
    private static final int LONG_STREET = 5;

    private final StreetCut cut = new StreetCut();
    private AddressEvidence evidence = AddressEvidence.NONE;

    void tally(AddressText text, AddressCandidate candidate, AddressEvidence columnEvidence, Tally tally) {
        evidence = columnEvidence;
        int street = -1;
        int city = -1;
        boolean recipient = false;
        for (int i = 0; i < text.count; ) {
            int end = runEnd(text, candidate.labels, i);
            switch (part(candidate.labels[i])) {
                case STREET -> {
                    street = i;
                    street(text, i, end, tally);
                }
                case CITY -> {
                    city = i;
                    city(text, candidate, i, end, tally);
                }
                case LOCALITY -> locality(text, i, end, tally);
                case STATE -> state(text, i, end, tally);
                case RECIPIENT -> {
                    recipient = true;
                    recipient(text, i, end, tally);
                }
                case BUILDING -> {
                    building(text, i, end, tally);
                    if (street >= 0 && !text.country.buildingBehindStreet) {
                        tally.add(BUILDING_BEHIND, 1);
                    }
                }
                default -> {}
            }
            i = end;
        }
        whole(text, candidate, street, city, tally);
        column(street, city, recipient, candidate, tally);
    }

    private static void whole(AddressText text, AddressCandidate candidate, int street, int city, Tally tally) {
        if (street < 0) {
            tally.add(STREET_NONE, 1);
        } else if (text.find(AddressPart.BOX) >= 0) {
            tally.add(STREET_AND_BOX, 1);
        }
        if (city < 0) {
            tally.add(CITY_NONE, 1);
        } else if (city < street && !text.country.cityFirst) {
            tally.add(CITY_FIRST, 1);
        }
        if (candidate.behind > 0) {
            tally.add(COUNTRY_BEHIND, candidate.behind);
        }
        if (candidate.hasPostcode) {
            tally.add(COUNTRY_POSTCODE, 1);
        }
    }

    private void column(int street, int city, boolean recipient, AddressCandidate candidate, Tally tally) {
        AddressEvidence.Habits habits = evidence.habits();
        if (street >= 0 && city >= 0) {
            tally.add(COLUMN_ORDER, city < street ? habits.cityFirst() : -habits.cityFirst());
            tally.add(COLUMN_COMMAS, candidate.cutAtComma ? habits.commas() : -habits.commas());
        }
        tally.add(COLUMN_RECIPIENT, recipient ? habits.recipients() : -habits.recipients());
    }

    private static AddressPart part(byte label) {
        return label < 0 ? AddressPart.UNPLACED : AddressPart.of(label);
    }

    static int runEnd(AddressText text, byte[] labels, int from) {
        return AddressParts.runEnd(text, labels, from);
    }

    private static boolean hasNumber(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.isNumber(i)) {
                return true;
            }
        }
        return false;
    }

    private static boolean hasAny(AddressText text, int from, int end, int classes) {
        for (int i = from; i < end; i++) {
            if (text.lengthOf(i, classes) > 0) {
                return true;
            }
        }
        return false;
    }

    private void street(AddressText text, int from, int end, Tally tally) {
        cut.of(text, from, end);
        tally.add(!cut.hasNumber() ? STREET_NO_NUMBER : cut.numberInPlace ? STREET_NUMBER : STREET_NUMBER_ELSEWHERE, 1);
        int name = text.country.numberFirst && cut.numberInPlace ? cut.numberEnd : from;
        int stop = !text.country.numberFirst && cut.numberInPlace ? cut.nameEnd : end;
        if (cut.behind >= 0 || cut.typeEnd > cut.typeStart && cut.typeEnd > cut.nameEnd) {
            stop = text.country.numberFirst || !cut.numberInPlace ? end : Math.max(cut.typeEnd, cut.nameEnd);
        }
        while (name < stop && text.isComma(name)) {
            name++;
        }
        if (name >= stop) {
            tally.add(STREET_ONLY_NUMBER, 1);
            return;
        }
        types(text, name, stop, tally);
        for (int i = name + 1; i < stop && text.country.streetsOfStreets; i++) {
            if (text.isComma(i)) {
                tally.add(STREET_OF_STREETS, 1);
                break;
            }
        }
        if (hasNumber(text, name + 1, stop - 1)) {
            tally.add(STREET_NUMBER_INSIDE, 1);
        }
        if (stop - name >= LONG_STREET) {
            tally.add(STREET_LONG, 1);
        }
        if (!cut.hasNumber() && text.town(from, end) != AddressText.Town.UNKNOWN) {
            tally.add(STREET_KNOWN_TOWN, 1);
        }
        if (hasAny(text, name, stop, AddressWord.LOCALITY_SIGN)) {
            tally.add(STREET_LOCALITY, 1);
        }
    }

    private static void types(AddressText text, int name, int end, Tally tally) {
        int last = end - 1;
        boolean typed = text.has(last, AddressWord.STREET_TYPE);
        if (!typed
                && last > name
                && text.has(last, AddressWord.DIRECTION)
                && text.has(last - 1, AddressWord.STREET_TYPE)) {
            tally.add(STREET_ENDS_IN_DIRECTION, 1);
            if (text.tokens.letters(last) <= 2) {
                tally.add(STREET_DIRECTION_SHORT, 1);
            }
            last--;
            typed = true;
        }
        boolean twoTypes = typed && last > name + 1 && text.has(last - 1, AddressWord.STREET_TYPE);
        if (twoTypes || typed && last > name && text.tokens.hash(last) == text.tokens.hash(last - 1)) {
            tally.add(STREET_TWO_TYPES, 1);
        }
        if (last > name && text.has(name, AddressWord.STREET_TYPE)) {
            tally.add(STREET_STARTS_WITH_TYPE, 1);
        }
        if (last > name && text.isNumber(last)) {
            tally.add(STREET_ENDS_IN_NUMBER, 1);
        }
        int early = 0;
        boolean ending = false;
        for (int i = name; i < end; i++) {
            early += i < last && text.has(i, AddressWord.STREET_TYPE) ? 1 : 0;
            ending |= text.has(i, AddressWord.STREET_ENDING);
        }
        boolean head = last > name && text.lengthOf(name, AddressWord.STREET_HEAD) > 0;
        if (head) {
            tally.add(STREET_STARTS_WITH_HEAD, 1);
        }
        if (ending) {
            tally.add(STREET_HAS_ENDING, 1);
        }
        if (typed) {
            tally.add(STREET_ENDS_IN_TYPE, 1);
            if (last == name) {
                tally.add(STREET_NO_NAME, 1);
            }
        } else if (early == 0 && !head && !ending) {
            tally.add(STREET_NO_TYPE, 1);
            if (text.isBuilding(name, end)) {
                tally.add(STREET_BUILDING, 1);
            }
        }
        if (early > 0) {
            tally.add(STREET_TYPE_EARLY, 1);
        }
        if (hasAny(text, name + 1, last, AddressWord.STREET_HEAD)) {
            tally.add(STREET_HEAD_INSIDE, 1);
        }
    }

    private void city(AddressText text, AddressCandidate candidate, int from, int end, Tally tally) {
        gazetteer(text, candidate, from, end, tally);
        if (end - from > 1) {
            tally.add(CITY_EXTRA_WORD, end - from - 1.0);
        }
        boolean behindPostcode = from > 0 && candidate.labels[from - 1] == AddressPart.POSTCODE.ordinal();
        if (candidate.cutAtComma) {
            tally.add(CITY_CUT_AT_COMMA, 1);
        } else if (from > 0 && candidate.labels[from - 1] != AddressPart.STREET.ordinal()) {
            tally.add(CITY_CUT_AT_UNIT, 1);
        }
        if (behindPostcode && text.country.postcodeBeforeCity) {
            tally.add(CITY_BEHIND_POSTCODE, 1);
        }
        boolean prefix = end - from > 1 && text.has(from, AddressWord.TOWN_PREFIX);
        if (!prefix && text.has(from, AddressWord.STREET_TYPE)) {
            tally.add(CITY_STARTS_WITH_TYPE, 1);
        }
        if (!prefix && hasAny(text, from, end, AddressWord.STREET_HEAD)) {
            tally.add(CITY_HAS_HEAD, 1);
        }
        if (hasAny(text, from, end, AddressWord.STREET_ENDING)) {
            tally.add(CITY_HAS_ENDING, 1);
        }
        direction(text, from, end, tally);
        if (text.has(end - 1, AddressWord.TOWN_SUFFIX)) {
            tally.add(end - from > 1 ? CITY_SUFFIX : CITY_ONLY_SUFFIX, 1);
        }
        if (end - from == 1 && text.tokens.letters(from) == 1) {
            tally.add(CITY_LETTER, 1);
        }
        if (isOnlyState(text, from, end)) {
            tally.add(CITY_STATE_NAME, 1);
        }
        if (end - from > 1 && text.has(end - 1, AddressWord.STREET_TYPE)) {
            tally.add(CITY_ENDS_IN_TYPE, 1);
        }
        place(text, from, end, tally);
        int before = evidence.cities(text, from, end) - (candidate.cutAtComma ? 1 : 0);
        if (before > 0) {
            tally.add(COLUMN_CITY, Math.log1p(before));
        }
        if (!candidate.cutAtComma && from > 1 && evidence.cities(text, from - 1, end) > 0) {
            tally.add(COLUMN_CITY_COULD_GROW, -1);
        }
    }

    /** A state's name without a state is the city only where the gazetteer says so: {@code New York 10001}. */
    private static boolean isOnlyState(AddressText text, int from, int end) {
        return text.lengthOf(from, AddressWord.STATE) == end - from
                && text.find(AddressPart.STATE) < 0
                && !text.isTownOfPostcode(from, end)
                && (text.knowsPostcodes() || text.town(from, end) == AddressText.Town.UNKNOWN);
    }

    private static void direction(AddressText text, int from, int end, Tally tally) {
        if (!text.has(from, AddressWord.DIRECTION)) {
            return;
        }
        if (end - from == 1) {
            tally.add(CITY_ONLY_DIRECTION, 1);
            return;
        }
        tally.add(CITY_STARTS_WITH_DIRECTION, 1);
        if (text.tokens.letters(from) <= 2) {
            tally.add(CITY_DIRECTION_SHORT, 1);
        }
    }

    private static void gazetteer(AddressText text, AddressCandidate candidate, int from, int end, Tally tally) {
        AddressText.Town town = text.town(from, end);
        if (town != AddressText.Town.UNKNOWN) {
            tally.add(town == AddressText.Town.FITS ? CITY_FITS : CITY_KNOWN, 1);
            if (text.isTownOfPostcode(from, end)) {
                tally.add(CITY_OF_POSTCODE, 1);
            }
        }
        boolean streetBefore = from > 1 && candidate.labels[from - 1] == AddressPart.STREET.ordinal();
        if (streetBefore && !candidate.cutAtComma) {
            if (text.town(from - 1, end) == AddressText.Town.FITS) {
                tally.add(CITY_COULD_GROW, 1);
            }
            if (text.has(from - 1, AddressWord.TOWN_PREFIX)) {
                tally.add(CITY_PREFIX_LOST, 1);
            }
        }
        if (end - from > 1 && text.has(from, AddressWord.TOWN_PREFIX)) {
            tally.add(CITY_PREFIX, 1);
        }
    }

    private static void place(AddressText text, int from, int end, Tally tally) {
        boolean district = text.country.cityHasNumber && text.isNumber(end - 1);
        if (hasNumber(text, from, district ? end - 1 : end)) {
            tally.add(CITY_NUMBER, 1);
            if (text.isNumber(from) && text.has(end - 1, AddressWord.STREET_TYPE)) {
                tally.add(PLACE_LIKE_STREET, 1);
            }
        }
    }

    private void locality(AddressText text, int from, int end, Tally tally) {
        tally.add(LOCALITY, 1);
        place(text, from, end, tally);
        if (text.town(from, end) != AddressText.Town.UNKNOWN) {
            tally.add(LOCALITY_KNOWN, 1);
        }
        if (hasAny(
                text, from, end, AddressWord.LOCALITY_SIGN | AddressWord.LOCALITY_HEAD | AddressWord.LOCALITY_WORD)) {
            tally.add(LOCALITY_SIGN, 1);
        }
        if (hasAny(text, from, end, AddressWord.ANY_STREET)) {
            tally.add(LOCALITY_STREET, 1);
        }
        int before = evidence.localities(text, from, end) - 1;
        if (before > 0) {
            tally.add(COLUMN_LOCALITY, Math.log1p(before));
        }
    }

    private void state(AddressText text, int from, int end, Tally tally) {
        boolean known = text.country.state(text.tokens, from, end) > 0 || text.lengthOf(from, AddressWord.STATE) > 0;
        tally.add(known ? STATE : STATE_UNKNOWN, 1);
        int before = evidence.states(text, from, end) - 1;
        if (before > 0) {
            tally.add(COLUMN_STATE, Math.log1p(before));
        }
    }

    private static void recipient(AddressText text, int from, int end, Tally tally) {
        tally.add(RECIPIENT, 1);
        if (hasNumber(text, from, end)) {
            tally.add(RECIPIENT_NUMBER, 1);
        }
        if (hasAny(text, from, end, AddressWord.ANY_STREET)) {
            tally.add(RECIPIENT_STREET, 1);
        }
    }

    private static void building(AddressText text, int from, int end, Tally tally) {
        tally.add(BUILDING, 1);
        if (text.isBuilding(from, end)) {
            tally.add(BUILDING_WORD, 1);
            if (text.has(end - 1, AddressWord.LOCALITY_SIGN)) {
                tally.add(BUILDING_OR_LOCALITY, 1);
            }
        } else if (hasNumber(text, from, end)) {
            tally.add(BUILDING_NUMBER, 1);
        }
    }
}
