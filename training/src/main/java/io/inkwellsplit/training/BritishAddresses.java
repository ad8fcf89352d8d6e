package io.inkwellsplit.training;

import io.inkwellsplit.reading.AddressPart;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Writes addresses of the United Kingdom; two towns in five are invented. */
record BritishAddresses(NamePools pools, AddressNoise noise, List<String> towns) {
    private static final String[] RECEIVERS = {
        "The Occupier", "The Occupier", "The Owner", "The Manager", "The Secretary", "The Treasurer", "The Headteacher"
    };

    /** Houses that are called by what they are, or were. */
    private static final String[] HOUSES = {
        "The Old Rectory",
        "Old Rectory",
        "The Vicarage",
        "Rose Cottage",
        "The Old School",
        "The Granary",
        "Old Mill",
        "The Lodge",
        "Mill House",
        "The Barn"
    };

    private static final double INVENTED_CITY = 0.4;
    /** How often a street is one of streets: {@code 3 Quay Mews, Harbour Street}. */
    private static final double DEPENDENT = 0.06;

    private static final String[] BRITISH_TYPES =
            "Street Road Lane Avenue Close Drive Court Gardens Grove Crescent Terrace Place Way Mews Hill Rise Walk Row Square Park"
                    .split(" ");
    private static final String[] COUNTIES = {
        "Kent",
        "Devon",
        "Essex",
        "Norfolk",
        "Suffolk",
        "Dorset",
        "Somerset",
        "Cornwall",
        "West Yorkshire",
        "Lancashire",
        "Fife",
        "Surrey"
    };

    String town() {
        return pools.chance(INVENTED_CITY) ? inventedBritishTown() : pools.any(towns);
    }

    /** @param inColumn the towns of the column that is being written; empty for a single address */
    Labelled write(List<String> inColumn) {
        Draft draft = new Draft(noise.casing(0.12));
        boolean commas = pools.chance(0.85);
        String between = commas ? ", " : " ";
        boolean named = commas && pools.chance(0.25);
        boolean number = !named || pools.chance(0.6);
        if (commas && pools.chance(0.06)) {
            draft.part(
                            AddressPart.RECIPIENT,
                            pools.chance(0.15)
                                    ? pools.pick(RECEIVERS)
                                    : pools.given("en_US") + " " + pools.family("en_US"))
                    .plain(", ");
        }
        if (pools.chance(0.25)) {
            draft.part(
                            AddressPart.UNIT,
                            pools.pick(
                                    "Flat 2",
                                    "Flat 2/1",
                                    "Flat B",
                                    "Flat 12",
                                    "Apartment 4",
                                    "Unit 3",
                                    commas ? "2F1" : "Flat 1",
                                    "Flat 3A"))
                    .plain(between);
        }
        if (named) {
            draft.part(
                            AddressPart.BUILDING,
                            pools.chance(0.2)
                                    ? pools.pick(HOUSES)
                                    : pools.pick("The Old ", "") + pools.family("en_US") + " "
                                            + pools.pick(
                                                    "House",
                                                    "Cottage",
                                                    "Lodge",
                                                    "Court",
                                                    "Hall",
                                                    "Farm",
                                                    "Barn",
                                                    "Mansions",
                                                    "Tower",
                                                    "Business Park"))
                    .plain(", ");
        }
        String street = pools.pick(
                        pools.family("en_US"),
                        pools.family("en_US"),
                        "High",
                        "Church",
                        "Station",
                        "Mill",
                        "Victoria",
                        "Quay")
                + " " + pools.pick(BRITISH_TYPES);
        draft.part(
                        AddressPart.STREET,
                        (number ? pools.number(1, 250) + pools.pick("", "", "", "a") + " " : "")
                                + street
                                + (commas && number && pools.chance(DEPENDENT)
                                        ? ", " + pools.family("en_US")
                                                + pools.pick(" Street", " Road", " Lane", " Avenue", " Drive")
                                        : ""))
                .plain(between);
        if (commas && pools.chance(0.2)) {
            draft.part(
                            AddressPart.LOCALITY,
                            pools.chance(0.5)
                                    ? pools.any(towns)
                                    : pools.pick("Lower ", "Upper ", "Little ", "West ") + pools.family("en_US"))
                    .plain(", ");
        }
        draft.part(AddressPart.CITY, inColumn.isEmpty() ? town() : pools.any(inColumn));
        if (pools.chance(0.3)) {
            draft.plain(between).part(AddressPart.COUNTY, pools.pick(COUNTIES));
        }
        if (pools.chance(0.95)) {
            draft.plain(commas ? pools.pick(", ", " ") : " ").part(AddressPart.POSTCODE, britishPostcode());
        }
        if (pools.chance(0.15)) {
            draft.plain(between)
                    .part(AddressPart.COUNTRY, pools.pick("UK", "England", "Scotland", "Wales", "United Kingdom"));
        }
        return draft.labelled("uk", commas ? noise::strewn : UnaryOperator.identity());
    }

    private String inventedBritishTown() {
        String name = pools.family("en_US");
        return pools.pick("Kings ", "Great ", "Market ", "", "", "", "")
                + name
                + pools.pick("", "", "ham", "ton", "ford", " Regis", "-on-Sea", " upon Wey");
    }

    private String britishPostcode() {
        String outward = pools.pick("CT", "EX", "M", "LS", "EH", "SW", "N", "TR", "BS", "CF") + pools.number(1, 28);
        String inward = pools.number(1, 9) + pools.pick("AB", "QT", "WB", "NN", "LG", "HY");
        String code = outward + pools.pick(" ", " ", " ", "") + inward;
        return pools.chance(0.1) ? code.toLowerCase(Locale.ROOT) : code;
    }
}
