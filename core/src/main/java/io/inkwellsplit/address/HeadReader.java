package io.inkwellsplit.address;

import io.inkwellsplit.weigh.CandidatePool;

/**
 * Proposes how what is left of an address, without its ends and marks, is cut into street, city and the rest.
 *
 * <p>One chunk is the street and one the city: the one beside the postcode, the last or, where the country writes it
 * so, the first. Before the street stand a recipient and a building, between street and city a locality. A chunk that
 * holds street and city is cut at each place where it can be.
 */
final class HeadReader {
    private static final int MAX_CITY_WORDS = 5;
    /** Longer texts are no addresses; they are only cut at their commas. */
    private static final int MAX_TOKENS = 60;

    private final Chunks chunks = new Chunks();
    private AddressText text = new AddressText();
    private CandidatePool<AddressCandidate> out = new CandidatePool<>(AddressCandidate::new);
    private int postcode;

    /** @param postcodeAt the first token of the postcode; -1 where there is none */
    void propose(AddressText address, int postcodeAt, CandidatePool<AddressCandidate> pool) {
        text = address;
        out = pool;
        postcode = postcodeAt;
        chunks.cut(text);
        int before = out.size();
        boolean hasCity = text.find(AddressPart.CITY) >= 0;
        boolean hasBox = text.find(AddressPart.BOX) >= 0;
        if (hasCity) {
            withCity(-1);
        } else {
            int expected = expectedCity();
            int last = chunks.count - 1;
            if (expected >= 0) {
                withCity(expected);
                inside(expected);
            }
            if (last >= 0 && last != expected) {
                withCity(last);
                inside(last);
            }
            for (int i = 0; i < 2 && text.country.cityFirst && i < chunks.count; i++) {
                if (i != expected && i != last) {
                    withCity(i);
                }
            }
        }
        if (hasBox || out.size() == before || hasBuilding()) {
            withoutStreet();
        }
    }

    private boolean hasBuilding() {
        for (int i = 0; i < chunks.count; i++) {
            if (isBuilding(i)) {
                return true;
            }
        }
        return false;
    }

    /** Returns the chunk in which the country has its city; -1 if there are no chunks. */
    private int expectedCity() {
        if (chunks.count == 0) {
            return -1;
        }
        if (postcode >= 0 && text.country.postcodeBeforeCity) {
            for (int i = 0; i < chunks.count; i++) {
                if (chunks.starts[i] > postcode) {
                    return i;
                }
            }
        }
        if (text.country.cityFirst) {
            return 0;
        }
        return chunks.count - 1;
    }

    private void withCity(int city) {
        for (int street = 0; street < chunks.count; street++) {
            if (street != city) {
                int start = chunks.starts[street];
                add(city, street, start, AddressPart.BUILDING);
                int inside = insideStart(street);
                if (inside > start) {
                    add(city, street, inside, AddressPart.BUILDING);
                    if (start == 0) {
                        add(city, street, inside, AddressPart.RECIPIENT);
                    }
                }
            }
        }
        if (city >= 0 && chunks.count == 1) {
            AddressCandidate candidate = start();
            label(candidate, chunks.starts[0], chunks.ends[0], AddressPart.CITY);
            done();
            candidate = start();
            label(candidate, chunks.starts[0], chunks.ends[0], AddressPart.STREET);
            done();
        }
    }

    private AddressCandidate start() {
        return out.add().start(text);
    }

    private void done() {
        out.dropRepeat(text.count);
    }

    private void add(int city, int street, int streetStart, AddressPart front) {
        AddressCandidate candidate = start();
        label(candidate, chunks.starts[street], streetStart, front);
        label(candidate, streetStart, chunks.ends[street], AddressPart.STREET);
        others(candidate, street, city);
        done();
        if (isDependentStreet(street, city)) {
            candidate = start();
            label(candidate, chunks.starts[street], streetStart, front);
            label(candidate, streetStart, chunks.ends[street + 1], AddressPart.STREET);
            others(candidate, street, city);
            done();
        }
        if (hasBuildingBehind(street, city)) {
            candidate = start();
            label(candidate, chunks.starts[street], streetStart, front);
            label(candidate, streetStart, chunks.ends[street], AddressPart.STREET);
            for (int i = street + 1; i < city; i++) {
                label(candidate, chunks.starts[i], chunks.ends[i], AddressPart.LOCALITY);
            }
            others(candidate, street, city);
            done();
        }
        boolean twoHeads = Math.min(street, city < 0 ? street : city) > 1 && !isBuilding(1) && !isBuilding(0);
        if (twoHeads && streetStart == chunks.starts[street]) {
            candidate = start();
            label(candidate, chunks.starts[1], chunks.ends[1], AddressPart.RECIPIENT);
            label(candidate, streetStart, chunks.ends[street], AddressPart.STREET);
            others(candidate, street, city);
            done();
        }
    }

    /** {@code 3 Quay Mews, Harbour Street}: a street of streets, both in the one part. */
    private boolean isDependentStreet(int street, int city) {
        int next = street + 1;
        return text.country.streetsOfStreets
                && next < city
                && text.isComma(chunks.ends[street])
                && text.has(chunks.ends[street] - 1, AddressWord.STREET_TYPE)
                && text.has(chunks.ends[next] - 1, AddressWord.STREET_TYPE)
                && !text.has(chunks.ends[next] - 1, AddressWord.LOCALITY_SIGN)
                && !text.has(chunks.starts[next], AddressWord.DIRECTION | AddressWord.TOWN_PREFIX)
                && text.town(chunks.starts[next], chunks.ends[next]) == AddressText.Town.UNKNOWN
                && !Chunks.hasNumber(text, chunks.starts[next], chunks.ends[next]);
    }

    private boolean hasBuildingBehind(int street, int city) {
        for (int i = street + 1; i < city; i++) {
            if (isBuilding(i)) {
                return true;
            }
        }
        return false;
    }

    private boolean isBuilding(int chunk) {
        return text.isBuilding(chunks.starts[chunk], chunks.ends[chunk]);
    }

    /** Labels the chunks that are not the street. */
    private void others(AddressCandidate candidate, int street, int city) {
        for (int i = 0; i < chunks.count; i++) {
            if (i != street) {
                label(candidate, chunks.starts[i], chunks.ends[i], part(i, street, city));
            }
        }
    }

    private AddressPart part(int chunk, int street, int city) {
        if (chunk == city) {
            return AddressPart.CITY;
        }
        boolean cityBefore = city >= 0 && city < street;
        if (chunk < street && !(cityBefore && chunk > city)) {
            boolean building = isBuilding(chunk) || chunk > 0;
            return building ? AddressPart.BUILDING : AddressPart.RECIPIENT;
        }
        if (city >= 0 && chunk > city && !cityBefore) {
            return text.country.stateBehindCity && text.find(AddressPart.STATE) < 0
                    ? AddressPart.STATE
                    : AddressPart.LOCALITY;
        }
        return isBuilding(chunk) ? AddressPart.BUILDING : AddressPart.LOCALITY;
    }

    /** Returns where a street starts inside a chunk, behind a building or a recipient; the chunk's start if nowhere. */
    private int insideStart(int chunk) {
        for (int i = chunks.starts[chunk] + 1; i < chunks.ends[chunk] - 1; i++) {
            boolean number = text.country.numberFirst && text.isNumber(i);
            boolean head = !text.country.numberFirst && text.lengthOf(i, AddressWord.STREET_HEAD) > 0;
            if (text.isFree(i) && (number || head) && !text.isMark(i - 1, '/') && !text.isMark(i + 1, '/')) {
                return i;
            }
        }
        return chunks.starts[chunk];
    }

    /** Cuts the chunk of the city, which is behind no comma, into street and city. */
    private void inside(int chunk) {
        int start = chunks.starts[chunk];
        int end = chunks.ends[chunk];
        if (!Chunks.hasNumber(text, start, end) && hasNumberElsewhere(chunk)) {
            return;
        }
        if (text.count > MAX_TOKENS) {
            return;
        }
        boolean behindPostcode = postcode >= 0 && text.country.postcodeBeforeCity && start > postcode && chunk > 0;
        if (behindPostcode) {
            return;
        }
        if (text.country.cityFirst) {
            cityThenStreet(chunk);
        }
        int number = insideStart(chunk);
        int words = 0;
        for (int cut = end - 1; cut > start && words < MAX_CITY_WORDS; cut--) {
            if (!text.isFree(cut)) {
                // A unit between street and city leaves one place to cut.
                if (words > 0) {
                    break;
                }
                continue;
            }
            words++;
            if (text.isNumber(cut) && !(text.country.cityHasNumber && cut == end - 1)) {
                break;
            }
            streetThenCity(chunk, start, cut, AddressPart.RECIPIENT);
            if (number > start && number < cut) {
                streetThenCity(chunk, number, cut, AddressPart.RECIPIENT);
            }
        }
    }

    private boolean hasNumberElsewhere(int chunk) {
        for (int i = 0; i < chunks.count; i++) {
            if (i != chunk && Chunks.hasNumber(text, chunks.starts[i], chunks.ends[i])) {
                return true;
            }
        }
        return false;
    }

    private void streetThenCity(int chunk, int streetStart, int cut, AddressPart front) {
        AddressCandidate candidate = start();
        candidate.cutAtComma = false;
        label(candidate, chunks.starts[chunk], streetStart, front);
        label(candidate, streetStart, cut, AddressPart.STREET);
        label(candidate, cut, chunks.ends[chunk], AddressPart.CITY);
        others(candidate, chunk, chunk);
        done();
    }

    private void cityThenStreet(int chunk) {
        int start = chunks.starts[chunk];
        int end = chunks.ends[chunk];
        for (int cut = start + 1; cut < Math.min(end - 1, start + MAX_CITY_WORDS); cut++) {
            if (text.isNumber(cut)) {
                return;
            }
            AddressCandidate candidate = start();
            candidate.cutAtComma = false;
            label(candidate, start, cut, AddressPart.CITY);
            label(candidate, cut, end, AddressPart.STREET);
            others(candidate, chunk, chunk);
            done();
        }
    }

    private void withoutStreet() {
        AddressCandidate candidate = start();
        int box = text.find(AddressPart.BOX);
        int city = text.find(AddressPart.CITY) >= 0 ? -1 : expectedCity();
        for (int i = 0; i < chunks.count; i++) {
            boolean head = i != city && (chunks.ends[i] <= box || i == 0 && (box < 0 || hasBuilding()));
            boolean behindBox = box >= 0 && chunks.starts[i] > box;
            AddressPart other = isBuilding(i) && !behindBox
                    ? AddressPart.BUILDING
                    : head ? AddressPart.RECIPIENT : AddressPart.LOCALITY;
            label(candidate, chunks.starts[i], chunks.ends[i], i == city ? AddressPart.CITY : other);
        }
        done();
    }

    private static void label(AddressCandidate candidate, int from, int end, AddressPart part) {
        for (int i = from; i < end; i++) {
            if (candidate.labels[i] == AddressText.FREE) {
                candidate.labels[i] = (byte) part.ordinal();
            }
        }
    }
}
