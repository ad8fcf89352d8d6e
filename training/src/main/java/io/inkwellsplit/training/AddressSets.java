package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;

/**
 * Generated, labelled addresses; the same seed gives the same ones.
 *
 * <p>Three in five cities come from the gazetteer's lists, the others are invented, so that no weight leans on lists alone.
 */
public final class AddressSets {
    private static final int TOWNS_IN_COLUMN = 6;
    private static final double OTHER_SPELLING = 0.25;
    private static final double INVENTED_CITY = 0.4;
    private static final String[] TYPES =
            ("St St Street Street Ave Ave Avenue Rd Rd Road Dr Drive Ln Lane Ct Court Pl Place Blvd Way Ter Cir Pkwy Hwy Trl Sq Loop"
                            + " Alley Plaza Ridge Run Path Crossing Cove Cres Close Mews Gardens Grove Green Hill Park View Row Walk")
                    .split(" ");
    private static final String[] DIRECTIONS = {
        "N", "S", "E", "W", "NE", "SW", "North", "South", "East", "West", "NW", "SE"
    };

    private final NamePools pools;
    private final List<String> postcodes;
    private final BritishAddresses british;
    private final Map<String, List<String>> stateNames = new HashMap<>();
    private final AddressNoise noise;
    private final List<AddressPatterns> others;
    private final NativeAddresses natives;
    /** The towns of the column that is being written; empty while single addresses are. */
    private final List<String> inColumn = new ArrayList<>();

    /** What the addresses are like. */
    public enum Set {
        US_COMMAS,
        US_BARE,
        US_TRICKY,
        UK,
        /** The other countries, one after the other. */
        OTHERS,
        /** The countries that have letters of their own, in these. */
        OWN_LETTERS
    }

    /** @param folder where the lists of names and places are */
    public AddressSets(Path folder, long seed) {
        this.pools = new NamePools(new NameSources(folder), new Random(seed));
        List<String> rows = GzipLines.of(folder.resolve("us-postcodes.csv.gz"));
        this.postcodes = rows.subList(1, rows.size());
        Map<String, List<String>> cities = cities(folder);
        for (Line line : Resources.sections(AddressSplitter.class, "place/country/US.txt")
                .getOrDefault("state", List.of())) {
            stateNames.put(line.fields()[0], List.of(line.fields()));
        }
        this.noise = new AddressNoise(pools);
        this.british = new BritishAddresses(pools, noise, cities.getOrDefault("GB", List.of()));
        this.others = AddressSplitter.countries().stream()
                .filter(code -> !code.equals("US") && !code.equals("GB") && AddressPatterns.exist(code))
                .map(code -> new AddressPatterns(code, cities.getOrDefault(code, List.of())))
                .toList();
        this.natives = new NativeAddresses(pools, noise);
    }

    static Map<String, List<String>> cities(Path folder) {
        Map<String, List<String>> cities = new HashMap<>();
        for (String row : GzipLines.of(folder.resolve("cities.csv.gz"))) {
            String[] fields = row.split(",");
            cities.computeIfAbsent(fields[0], code -> new ArrayList<>()).add(fields[1]);
        }
        return cities;
    }

    /** Returns a column: addresses of one kind, with a few towns that come back. */
    public List<Labelled> column(Set set, int count) {
        if (set == Set.OWN_LETTERS) {
            return natives.column(count, TOWNS_IN_COLUMN);
        }
        inColumn.clear();
        for (int i = 0; i < TOWNS_IN_COLUMN; i++) {
            inColumn.add(set == Set.UK ? british.town() : americanPlace());
        }
        AddressPatterns country = others.get(pools.number(0, others.size() - 1));
        country.startColumn(pools, TOWNS_IN_COLUMN);
        List<Labelled> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            rows.add(
                    set == Set.OTHERS
                            ? country.write(pools, noise)
                            : rows(set, 1).get(0));
        }
        country.endColumn();
        inColumn.clear();
        return rows;
    }

    /** Returns a postcode, a city and a state, with commas between. */
    String americanPlace() {
        String[] place = pools.any(postcodes).split(",");
        return place[0] + "," + (pools.chance(INVENTED_CITY) ? inventedCity() : place[1]) + "," + place[2];
    }

    /** Returns some addresses. */
    public List<Labelled> rows(Set set, int count) {
        List<Labelled> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            rows.add(
                    switch (set) {
                        case US_COMMAS -> american(set, true, false);
                        case US_BARE -> american(set, false, false);
                        case US_TRICKY -> american(set, pools.chance(0.7), true);
                        case UK -> british.write(inColumn);
                        case OTHERS -> others.get(i % others.size()).write(pools, noise);
                        case OWN_LETTERS -> natives.write(i);
                    });
        }
        return rows;
    }

    private Labelled american(Set set, boolean commas, boolean tricky) {
        Draft draft = new Draft(noise.casing(commas ? 0.15 : 0.5));
        String between = commas ? ", " : " ";
        head(draft, commas, tricky);
        boolean box = pools.chance(tricky ? 0.3 : 0.06);
        boolean street = !box || pools.chance(0.15);
        boolean unit = street && pools.chance(commas ? 0.3 : 0.35);
        boolean unitFirst = unit && commas && pools.chance(0.12);
        if (unitFirst) {
            draft.part(AddressPart.UNIT, unit()).plain(", ");
        }
        if (street) {
            draft.part(AddressPart.STREET, tricky && pools.chance(0.7) ? oddStreet() : street(commas));
        }
        if (unit && !unitFirst) {
            draft.plain(commas ? pools.pick(" ", ", ") : " ").part(AddressPart.UNIT, unit());
        }
        if (box) {
            draft.plain(street ? between : "").part(AddressPart.BOX, box());
        }
        String[] place = (inColumn.isEmpty() ? americanPlace() : pools.any(inColumn)).split(",");
        boolean postcode = pools.chance(0.95);
        boolean state = pools.chance(0.97) || !commas;
        if (pools.chance(0.98)) {
            draft.plain(between).part(AddressPart.CITY, place[1]);
        }
        if (state) {
            draft.plain(between).part(AddressPart.STATE, state(place[2]));
        }
        if (postcode) {
            String code = pools.chance(0.12) ? place[0] + "-" + pools.number(1000, 9999) : place[0];
            boolean lost =
                    code.startsWith("0") && !code.startsWith("00") && code.length() == 5 && state && pools.chance(0.1);
            draft.plain(" ").part(AddressPart.POSTCODE, lost ? code.substring(1) : code);
        }
        if (pools.chance(0.08)) {
            draft.plain(between).part(AddressPart.COUNTRY, pools.pick("USA", "United States", "US", "U.S.A."));
        }
        return draft.labelled(
                set.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                commas ? noise::strewn : UnaryOperator.identity());
    }

    /** What stands before the street: a recipient, a care-of line or a building. */
    private void head(Draft draft, boolean commas, boolean tricky) {
        if (!commas || !pools.chance(tricky ? 0.3 : 0.12)) {
            return;
        }
        switch (pools.number(0, 3)) {
            case 0 -> draft.part(AddressPart.RECIPIENT, pools.given("en_US") + " " + pools.family("en_US"));
            case 1 ->
                draft.part(
                        AddressPart.RECIPIENT,
                        pools.family("en_US") + " "
                                + pools.pick(
                                        "Choir Office",
                                        "Plumbing",
                                        "Law Offices",
                                        "Bakery",
                                        "Properties LLC",
                                        "Library"));
            case 2 ->
                draft.plain(pools.pick("c/o ", "C/O ", "care of "))
                        .part(AddressPart.CARE_OF, pools.given("en_US") + " " + pools.family("en_US"));
            default ->
                draft.part(
                        AddressPart.BUILDING,
                        pools.pick(
                                pools.family("en_US") + " " + pools.pick("Tower", "House", "Building", "Hall", "Court"),
                                "Tower " + pools.pick("A", "B", "2")));
        }
        draft.plain(", ");
    }

    boolean isAmericanState(String code) {
        return stateNames.containsKey(code);
    }

    /** Returns the state's code or, now and then, another of its spellings. */
    String state(String code) {
        List<String> names = stateNames.getOrDefault(code, List.of(code));
        return pools.chance(OTHER_SPELLING) ? pools.any(names) : code;
    }

    private String number() {
        return switch (pools.number(0, 19)) {
            case 0 -> pools.number(1, 300) + pools.pick("½", " 1/2", "A", "B");
            case 1 -> pools.number(10, 99) + "-" + pools.number(10, 99);
            default -> Integer.toString(pools.chance(0.5) ? pools.number(1, 999) : pools.number(1000, 19999));
        };
    }

    private String streetName() {
        return switch (pools.number(0, 9)) {
            case 0 -> pools.number(1, 130) + pools.pick("th", "th", "st", "nd", "rd");
            case 1 ->
                pools.pick(
                        "Main", "Oak", "Maple", "Park", "Church", "Court", "North", "Lake", "Hill", "Market", "Center",
                        "Mill");
            case 2 ->
                pools.family("en_US") + " "
                        + pools.pick("Creek", "Hill", "Ridge", "Lake", "Point", "Spring", "Mill", "Meadow");
            case 3 -> pools.given("en_US");
            default -> pools.family("en_US");
        };
    }

    private String street(boolean commas) {
        String name = streetName();
        String before = pools.chance(0.15) ? pools.pick(DIRECTIONS) + " " : "";
        boolean typed = pools.chance(commas ? 0.95 : 0.97);
        String after = typed && pools.chance(0.08) ? " " + pools.pick(DIRECTIONS) : "";
        return number() + " " + before + name + (typed ? " " + pools.pick(TYPES) : "") + after;
    }

    private String oddStreet() {
        return switch (pools.number(0, 9)) {
            case 0 ->
                number() + " " + pools.pick("New Hampshire", "Georgia", "Delaware", "North Carolina", "Virginia") + " "
                        + pools.pick(TYPES);
            case 1 ->
                number() + " " + pools.pick("A", "B", "C", "K", "M") + " " + pools.pick("Street", "St", "Avenue", "Ave")
                        + pools.pick("", " SE", " Southeast", " NW");
            case 2 -> number() + " Avenue of the " + pools.pick("Cedars", "Americas", "Oaks", "Singers");
            case 3 ->
                pools.pick("", number() + " ")
                        + pools.pick("Highway ", "Hwy ", "US Highway ", "Route ", "State Route ")
                        + pools.number(1, 400)
                        + pools.pick("", " North", " S", " E");
            case 4 ->
                pools.pick("", number() + " ")
                        + pools.pick("County Road ", "County Rd ", "Farm Road ")
                        + pools.number(1, 900);
            case 5 ->
                number() + " "
                        + pools.pick("Broadway", "Coachway", "Saltmarket", "The Esplanade", "Ropewalk", "Boardwalk");
            case 6 ->
                number() + " " + pools.pick("North", "South", "East", "West") + " "
                        + pools.pick("Street", "St", "Avenue", "Rd");
            case 7 ->
                number() + " " + pools.pick("Court", "Park", "Lane", "Circle", "Plaza", "Drive") + " "
                        + pools.pick("Street", "Avenue", "St", "Rd");
            case 8 ->
                "N" + pools.number(1, 90) + "W" + pools.number(10000, 29999) + " " + streetName() + " "
                        + pools.pick(TYPES);
            default -> number() + " St " + pools.given("en_US") + " " + pools.pick(TYPES);
        };
    }

    private String unit() {
        String id = pools.pick("B", "3", "12", "203", "4C", "A-2", "1001", "C");
        return switch (pools.number(0, 5)) {
            case 0 -> pools.pick("#", "# ") + id;
            case 1 -> "Fl " + pools.number(2, 20) + " Rm " + pools.number(1, 40);
            case 2 -> pools.pick("2nd Floor", "3rd Floor", "4th Fl");
            default ->
                pools.pick("Apt", "Apt.", "Unit", "Suite", "Ste", "Apartment", "Room", "Lot", "Apt #", "Ste #") + " "
                        + id;
        };
    }

    private String box() {
        return switch (pools.number(0, 7)) {
            case 0 -> "RR " + pools.number(1, 9) + " Box " + pools.number(1, 300);
            case 1 -> "HC " + pools.number(1, 99) + " Box " + pools.number(1, 300);
            case 2 -> "POB " + pools.number(1, 9999);
            default -> pools.pick("PO Box ", "P.O. Box ", "P O Box ", "Po Box ") + pools.number(1, 9999);
        };
    }

    private String inventedCity() {
        String name = pools.family("en_US");
        return switch (pools.number(0, 7)) {
            case 0 ->
                pools.pick(
                                "North ", "West ", "East ", "South ", "New ", "Port ", "Fort ", "Mount ", "Lake ",
                                "Saint ", "St. ")
                        + name;
            case 1 ->
                name + " "
                        + pools.pick(
                                "Falls", "Springs", "City", "Heights", "Park", "Beach", "Valley", "Grove", "Center");
            case 2 -> name + pools.pick("ville", "ton", "burg", "field");
            default -> name;
        };
    }
}
