package io.inkwellsplit.training;

import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.training.NameWriter.Casing;
import io.inkwellsplit.training.NameWriter.Extras;
import io.inkwellsplit.training.NameWriter.Order;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Writes what stands around names, couples and organisations. */
final class LayerWriter {
    private final NamePools pools;
    private final NameWriter names;

    LayerWriter(NamePools pools, NameWriter names) {
        this.pools = pools;
        this.names = names;
    }

    Labelled write(Order order, boolean capitals) {
        UnaryOperator<String> casing = capitals ? s -> s.toUpperCase(Locale.ROOT) : UnaryOperator.identity();
        Draft draft = new Draft(casing);
        String format;
        if (pools.chance(0.3)) {
            organisation(draft);
            format = "organisation";
        } else if (pools.chance(0.35)) {
            couple(draft, order);
            format = "couple";
        } else {
            format = layer(draft, order);
        }
        return draft.labelled(format, names::noisy);
    }

    private void person(Draft draft, Order order) {
        names.write(draft, new Person(pools, "en_US"), order, Casing.NORMAL, Extras.NONE);
    }

    private String layer(Draft draft, Order order) {
        Consumer<Draft> name = d -> person(d, order);
        switch (pools.number(0, 11)) {
            case 0, 1 -> {
                name.accept(draft);
                draft.plain(pools.pick(" ", ", ", " "))
                        .plain(pools.pick("c/o ", "C/O ", "care of ", "in care of ", "c/o ", "% ", "Care of "));
                draft.part(NamePart.CARE_OF, receiver());
                return "care of";
            }
            case 2 -> {
                name.accept(draft);
                draft.plain(pools.pick(", ", " "))
                        .plain(pools.pick("Attn: ", "Attn ", "ATTN: ", "Attention: ", "FAO "));
                draft.part(NamePart.ATTENTION, receiver());
                return "attention";
            }
            case 3 -> {
                draft.part(NamePart.ESTATE, pools.pick("Estate of", "The Estate of", "Heirs of", "Est. of"))
                        .plain(" ");
                name.accept(draft);
                return "estate";
            }
            case 4 -> {
                name.accept(draft);
                behind(draft, NamePart.ESTATE, pools.pick("Estate", "Est.", "Heirs", "Est", "Estate"));
                return "estate";
            }
            case 5, 6 -> {
                name.accept(draft);
                behind(
                        draft,
                        NamePart.DECEASED,
                        pools.pick(
                                "deceased",
                                "dec'd",
                                "Deceased",
                                "Decased",
                                "DECEASED",
                                "decd",
                                "Dec'd",
                                "†",
                                "Deceasd"));
                return "deceased";
            }
            case 7 -> {
                name.accept(draft);
                draft.plain(" ")
                        .part(
                                NamePart.SPOUSE,
                                pools.pick(
                                        "and wife",
                                        "& wife",
                                        "and husband",
                                        "et ux",
                                        "& his wife",
                                        "and his wife",
                                        "et vir"));
                return "spouse";
            }
            case 8 -> {
                name.accept(draft);
                draft.plain(pools.pick(" ", " ", ", "))
                        .part(
                                NamePart.OTHERS,
                                pools.pick("et al", "et al.", "and others", "& family", "and family", "& others"));
                return "others";
            }
            case 9 -> {
                name.accept(draft);
                draft.plain(pools.pick(", ", " ", ", "))
                        .part(
                                NamePart.ROLE,
                                pools.pick(
                                        "Trustee",
                                        "Executor",
                                        "POA",
                                        "Guardian",
                                        "Executrix",
                                        "TTEE",
                                        "Co-Trustee",
                                        "Custodian",
                                        "Guardain",
                                        "Personal Representative",
                                        "Conservator"));
                return "role";
            }
            case 10 -> {
                trust(draft, name);
                return "trust";
            }
            default -> {
                draft.part(NamePart.ROLE, pools.pick("Executor", "Executrix", "Administrator"))
                        .plain(" of the ")
                        .part(NamePart.ESTATE, "Estate of")
                        .plain(" ");
                name.accept(draft);
                if (pools.chance(0.4)) {
                    behind(draft, NamePart.DECEASED, "deceased");
                }
                return "nested";
            }
        }
    }

    private void behind(Draft draft, NamePart part, String mark) {
        boolean brackets = pools.chance(0.35);
        draft.plain(brackets ? " (" : pools.pick(" ", ", ", " "))
                .part(part, mark)
                .plain(brackets ? ")" : "");
    }

    private void trust(Draft draft, Consumer<Draft> name) {
        String date = pools.chance(0.4)
                ? pools.pick(" dtd 3/4/1998", " dated 12/1/2004", " u/a 5-6-2011", " dtd 03-04-98")
                : "";
        if (pools.chance(0.6)) {
            name.accept(draft);
            draft.plain(" ")
                    .part(
                            NamePart.TRUST,
                            pools.pick(
                                            "Living Trust",
                                            "Revocable Trust",
                                            "Trust",
                                            "Revocable Living Trust",
                                            "Irrevocable Trust",
                                            "Rev Trust")
                                    + date);
        } else if (pools.chance(0.5)) {
            String whole = pools.pick("", "The ") + pools.family("en_US") + " "
                    + pools.pick("Family Trust", "Trust", "Living Trust") + date;
            draft.label("kind", "organisation")
                    .part(NamePart.ORGANISATION, whole)
                    .share(NamePart.ORGANISATION, NamePart.TRUST);
        } else {
            draft.label("kind", "unclear")
                    .part(NamePart.ROLE, pools.pick("Trustee", "Trustees"))
                    .plain(pools.pick(" of the ", " of "))
                    .part(NamePart.TRUST, pools.family("en_US") + " Family Trust" + date);
        }
    }

    private String receiver() {
        return pools.chance(0.5)
                ? pools.given("en_US") + " " + pools.family("en_US")
                : pools.family("en_US") + " "
                        + pools.pick("Savings Co", "Bank", "Law Office", "Nursing Home", "Properties");
    }

    private void couple(Draft draft, Order order) {
        draft.label("kind", "couple");
        String and = pools.pick(" & ", " and ", " & ", " and ", " und ", " + ");
        String a = pools.given("en_US");
        String b = pools.given("en_US");
        String family = new Person(pools, pools.pick("en_US", "en_US", "de", "nl")).family;
        boolean comma = order == Order.FAMILY_COMMA;
        switch (pools.number(0, 8)) {
            case 7 -> {
                draft.part(NamePart.FIRST, a)
                        .plain(" ")
                        .part(NamePart.LAST, family)
                        .plain(pools.pick(", ", "; "));
                draft.part(NamePart.SECOND_FIRST, b).plain(" ").part(NamePart.SECOND_LAST, pools.family("en_US"));
            }
            case 8 -> {
                draft.part(NamePart.LAST, family)
                        .plain(", ")
                        .part(NamePart.TITLE, pools.pick("Mr.", "Mr", "Dr."))
                        .plain(and);
                draft.part(NamePart.SECOND_TITLE, pools.pick("Mrs.", "Mrs"))
                        .plain(" ")
                        .part(NamePart.FIRST, a);
                draft.share(NamePart.LAST, NamePart.SECOND_LAST);
            }
            case 0, 1, 2 -> {
                if (comma) {
                    draft.part(NamePart.LAST, family).plain(", ");
                }
                boolean titled = pools.chance(0.1);
                title(draft, titled, NamePart.TITLE, "Mr.");
                draft.part(NamePart.FIRST, a);
                middle(draft, NamePart.MIDDLE);
                draft.plain(and);
                title(draft, titled, NamePart.SECOND_TITLE, "Mrs.");
                draft.part(NamePart.SECOND_FIRST, b);
                middle(draft, NamePart.SECOND_MIDDLE);
                if (comma) {
                    draft.share(NamePart.LAST, NamePart.SECOND_LAST);
                } else {
                    draft.plain(" ").part(NamePart.SECOND_LAST, family).share(NamePart.SECOND_LAST, NamePart.LAST);
                }
            }
            case 3 -> {
                String second = pools.family("en_US");
                if (comma) {
                    draft.part(NamePart.LAST, family)
                            .plain(", ")
                            .part(NamePart.FIRST, a)
                            .plain(and);
                    draft.part(NamePart.SECOND_LAST, second).plain(", ").part(NamePart.SECOND_FIRST, b);
                } else {
                    draft.part(NamePart.FIRST, a)
                            .plain(" ")
                            .part(NamePart.LAST, family)
                            .plain(and);
                    draft.part(NamePart.SECOND_FIRST, b).plain(" ").part(NamePart.SECOND_LAST, second);
                }
            }
            case 4 -> {
                draft.part(NamePart.TITLE, pools.pick("Mr.", "Mr", "Dr.")).plain(and);
                draft.part(NamePart.SECOND_TITLE, pools.pick("Mrs.", "Mrs")).plain(" ");
                if (pools.chance(0.7)) {
                    draft.part(NamePart.FIRST, a).plain(" ");
                }
                draft.part(NamePart.LAST, family).share(NamePart.LAST, NamePart.SECOND_LAST);
            }
            case 5 -> {
                draft.part(NamePart.FIRST, a).plain(pools.pick(" et ux ", " and wife ", " & wife "));
                draft.part(NamePart.SECOND_FIRST, b).plain(" ").part(NamePart.SECOND_LAST, family);
                draft.share(NamePart.SECOND_LAST, NamePart.LAST);
            }
            default -> {
                draft.part(NamePart.FIRST, a).plain(" ").part(NamePart.LAST, family);
                draft.plain(pools.pick(" and wife ", " & ", " and ")).part(NamePart.SECOND_FIRST, b);
                draft.share(NamePart.LAST, NamePart.SECOND_LAST);
            }
        }
    }

    private void middle(Draft draft, NamePart part) {
        if (pools.chance(0.2)) {
            draft.plain(" ").part(part, pools.pick("M.", "J", "L", "A.", "R"));
        }
    }

    private static void title(Draft draft, boolean titled, NamePart part, String title) {
        if (titled) {
            draft.part(part, title).plain(" ");
        }
    }

    private void organisation(Draft draft) {
        String a = pools.family("en_US");
        String b = pools.family("en_US");
        String town = pools.family("en_US") + pools.pick("", "", "ton", "ville", " Falls", " Springs");
        String name =
                switch (pools.number(0, 13)) {
                    case 0 ->
                        a
                                + pools.pick(
                                        " & Sons Ltd",
                                        " & Sons",
                                        " and Sons",
                                        " & Co",
                                        " & Son Ltd",
                                        " Bros",
                                        " Brothers Inc");
                    case 1 ->
                        a + " " + industry()
                                + pools.pick(
                                        " Ltd", " Inc", " LLC", " Inc.", ", LLC", " Co", " Corp", " Limited", ", Inc.");
                    case 2 ->
                        pools.pick("St ", "St. ", "Saint ")
                                + pools.given("en_US")
                                + pools.pick("'s Church", "'s School", " Church", "'s Parish");
                    case 3 ->
                        pools.pick("City of ", "Town of ", "County of ", "Village of ", "State of ", "Diocese of ")
                                + town;
                    case 4 ->
                        town
                                + pools.pick(
                                        " Choir",
                                        " Chorale",
                                        " Choral Society",
                                        " Historical Society",
                                        " Rotary Club",
                                        " Festival",
                                        " Orchestra",
                                        " Community Choir");
                    case 5 ->
                        pools.pick("The ", "")
                                + town
                                + pools.pick(
                                        " Foundation",
                                        " Trust Co",
                                        " Association",
                                        " Library",
                                        " Theatre Company",
                                        " Arts Council");
                    case 6 ->
                        a
                                + pools.pick(" & ", " and ")
                                + b
                                + pools.pick(" LLP", " LLC", " Solicitors", " Ltd", " Partners", " Associates");
                    case 7 ->
                        pools.pick("University of ", "Friends of ", "Bank of ", "Society of ", "Church of ") + town;
                    case 8 ->
                        town
                                + pools.pick(
                                        " School District",
                                        " Housing Authority",
                                        " Credit Union",
                                        " Fire Department",
                                        " High School",
                                        " City Council");
                    case 9 ->
                        pools.given("en_US") + " " + a
                                + pools.pick(
                                        " Foundation",
                                        " Ltd",
                                        " Properties LLC",
                                        " Memorial Library",
                                        " Enterprises",
                                        " Inc");
                    case 10 -> a + " " + industry();
                    case 11 ->
                        pools.pick("First ", "United ", "Grace ", "Trinity ")
                                + pools.pick("Baptist Church", "Methodist Church", "National Bank", "Lutheran Church");
                    case 12 ->
                        a
                                + pools.pick(
                                        " GmbH",
                                        " AG",
                                        " BV",
                                        " S.A.",
                                        " Pty Ltd",
                                        " Oy",
                                        " AB",
                                        " SARL",
                                        " S.p.A.",
                                        " Verein");
                    default -> a + ", " + b + " & " + pools.family("en_US") + pools.pick("", " LLP", " PC", " Ltd");
                };
        draft.label("kind", "organisation").part(NamePart.ORGANISATION, name);
    }

    private String industry() {
        return pools.pick(
                "Plumbing",
                "Construction",
                "Properties",
                "Holdings",
                "Bakery",
                "Motors",
                "Insurance Agency",
                "Realty",
                "Consulting",
                "Enterprises",
                "Electric",
                "Landscaping",
                "Printing Works",
                "Farms",
                "Family Dentistry",
                "Builders",
                "Investments",
                "Services",
                "Pharmacy",
                "Auto Repair");
    }
}
