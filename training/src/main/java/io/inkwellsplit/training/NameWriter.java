package io.inkwellsplit.training;

import io.inkwellsplit.reading.NamePart;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Writes invented people in the formats that registers hold. */
final class NameWriter {
    /** In which order a name is written. */
    enum Order {
        GIVEN_FIRST,
        FAMILY_COMMA,
        FAMILY_FIRST
    }

    /** In which case. */
    enum Casing {
        NORMAL,
        CAPITALS,
        SMALL,
        FAMILY_IN_CAPITALS
    }

    /** How much stands beside the names. */
    enum Extras {
        NONE,
        FEW,
        MANY
    }

    private final NamePools pools;

    NameWriter(NamePools pools) {
        this.pools = pools;
    }

    Labelled write(Person person, Order order, Casing casing, Extras extras, boolean noise) {
        UnaryOperator<String> signs = signs(noise);
        UnaryOperator<String> letters =
                switch (casing) {
                    case CAPITALS -> s -> s.toUpperCase(Locale.ROOT);
                    case SMALL -> s -> s.toLowerCase(Locale.ROOT);
                    default -> UnaryOperator.identity();
                };
        Draft draft = new Draft(s -> letters.apply(signs.apply(s)));
        write(draft, person, order, casing, extras);
        return draft.labelled(format(person, order, casing), noise ? this::noisy : UnaryOperator.identity());
    }

    /** Signs as they come from another program: curly apostrophes, dashes of other lengths. */
    private UnaryOperator<String> signs(boolean noise) {
        if (!noise || !pools.chance(0.03)) {
            return UnaryOperator.identity();
        }
        String dash = pools.pick("\u2010", "\u2011", "\u2013");
        return s -> s.replace("-", dash).replace("'", "\u2019");
    }

    /** A name of which only a part is there. */
    Labelled partial(Person person) {
        Draft draft = new Draft(UnaryOperator.identity());
        switch (pools.number(0, 3)) {
            case 0, 1 -> draft.part(NamePart.LAST, person.family).plain(pools.pick(",", ", ", " ,"));
            case 2 ->
                draft.part(NamePart.TITLE, pools.pick("Mr.", "Mrs.", "Ms.", "Dr.", "Miss", "Mr", "Ms", "Herr"))
                        .plain(" ")
                        .part(NamePart.LAST, person.family);
            default -> draft.part(NamePart.FIRST, person.given.get(0));
        }
        return draft.labelled("partial", UnaryOperator.identity());
    }

    private static String format(Person person, Order order, Casing casing) {
        String script = person.isEastAsian()
                ? "East Asian"
                : NamePools.OTHER_SCRIPTS.contains(person.locale) ? "other script" : "";
        String text = script.isEmpty() ? order.name() : script;
        return (text + (casing == Casing.NORMAL ? "" : " " + casing))
                .toLowerCase(Locale.ROOT)
                .replace('_', ' ');
    }

    void write(Draft draft, Person person, Order order, Casing casing, Extras extras) {
        if (person.isEastAsian()) {
            eastAsian(draft, person);
            return;
        }
        double share =
                switch (extras) {
                    case NONE -> 0;
                    case FEW -> 0.12;
                    case MANY -> 0.45;
                };
        boolean latin = !NamePools.OTHER_SCRIPTS.contains(person.locale);
        String title = latin && pools.chance(share * 0.8) ? title(person.locale) : "";
        String suffix = latin && pools.chance(share * 0.5) ? suffix() : "";
        String letters = latin && pools.chance(share * 0.5) ? credentials() : "";
        String nickname = latin && pools.chance(share * 0.25) ? nickname(person) : "";
        String birth = latin && pools.chance(share * 0.15) ? pools.family("en_US") : "";
        switch (order) {
            case GIVEN_FIRST -> {
                title(draft, title);
                given(draft, person, nickname, casing);
                draft.plain(" ");
                family(draft, person, casing, false);
            }
            case FAMILY_FIRST -> {
                title(draft, title);
                family(draft, person, casing, false);
                draft.plain(" ");
                given(draft, person, nickname, casing);
            }
            case FAMILY_COMMA -> {
                boolean particleBehind = !person.particle.isEmpty()
                        && Character.isLetter(person.particle.charAt(0))
                        && Character.isLetter(person.particle.charAt(person.particle.length() - 1))
                        && pools.chance(0.4);
                family(draft, person, casing, particleBehind);
                if (!suffix.isEmpty() && pools.chance(0.4)) {
                    draft.plain(pools.pick(" ", " ", ", ")).part(NamePart.SUFFIX, suffix);
                    suffix = "";
                }
                draft.plain(", ");
                title(draft, title);
                given(draft, person, nickname, casing);
                if (particleBehind) {
                    draft.plain(" ").partInFront(NamePart.LAST, person.particle);
                }
            }
        }
        if (!birth.isEmpty()) {
            String word = pools.pick("née", "nee", "geb.", "born", "formerly", "née");
            boolean brackets = pools.chance(0.5);
            draft.plain(brackets ? " (" : pools.pick(" ", ", "))
                    .plain(word)
                    .plain(" ")
                    .part(NamePart.BIRTH_NAME, birth);
            draft.plain(brackets ? ")" : "");
        }
        if (!suffix.isEmpty()) {
            draft.plain(pools.pick(" ", " ", ", ", ", ")).part(NamePart.SUFFIX, suffix);
        }
        if (!letters.isEmpty()) {
            draft.plain(pools.pick(" ", ", ", ", ")).part(NamePart.CREDENTIALS, letters);
        }
    }

    private void title(Draft draft, String title) {
        if (!title.isEmpty()) {
            boolean glued = title.endsWith(".") && pools.chance(0.06);
            draft.part(NamePart.TITLE, title).plain(glued ? "" : " ");
        }
    }

    private void given(Draft draft, Person person, String nickname, Casing casing) {
        List<String> given = person.given;
        boolean initials =
                given.size() == 2 && given.get(0).length() <= 2 && given.get(1).length() <= 2;
        if (initials && casing != Casing.SMALL && pools.chance(0.5)) {
            boolean dots = pools.chance(0.5);
            String dot = dots ? "." : "";
            draft.part(NamePart.FIRST, given.get(0).charAt(0) + dot)
                    .part(NamePart.MIDDLE, given.get(1).charAt(0) + dot);
        } else {
            for (int i = 0; i < given.size(); i++) {
                draft.plain(i == 0 ? "" : " ").part(i == 0 ? NamePart.FIRST : NamePart.MIDDLE, given.get(i));
            }
        }
        if (!nickname.isEmpty()) {
            String marks = pools.pick("\"\"", "\u201C\u201D", "()", "''", "\"\"");
            draft.plain(" " + marks.charAt(0)).part(NamePart.NICKNAME, nickname).plain(marks.substring(1));
        }
    }

    private void family(Draft draft, Person person, Casing casing, boolean withoutParticle) {
        String particle = withoutParticle ? "" : person.particle;
        String blank = particle.isEmpty() || particle.endsWith("-") || particle.endsWith("'") ? "" : " ";
        String name = particle + blank + person.family;
        draft.part(NamePart.LAST, casing == Casing.FAMILY_IN_CAPITALS ? name.toUpperCase(Locale.ROOT) : name);
    }

    private void eastAsian(Draft draft, Person person) {
        draft.part(NamePart.LAST, person.family);
        draft.plain(person.locale.equals("vi") || pools.chance(0.4) ? " " : "");
        for (int i = 0; i < person.given.size(); i++) {
            draft.plain(i == 0 ? "" : " ").part(i == 0 ? NamePart.FIRST : NamePart.MIDDLE, person.given.get(i));
        }
    }

    private String title(String locale) {
        if (pools.chance(0.03)) {
            return pools.pick(
                    "Major", "Judge", "Dean", "Bishop", "Pastor", "Sister", "Brother", "Canon", "Prince", "General");
        }
        return switch (locale.substring(0, 2)) {
            case "de" ->
                pools.pick("Herr", "Frau", "Dr.", "Herr Dr.", "Frau Dr.", "Prof. Dr.", "Dr. med.", "Dipl.-Ing.");
            case "fr" -> pools.pick("Mme", "Mlle", "Dr", "Monsieur", "Madame");
            case "es" -> pools.pick("Sr.", "Sra.", "Srta.", "Dr.", "Dra.", "Don", "Doña", "Lic.");
            case "it" -> pools.pick("Sig.", "Sig.ra", "Dott.", "Dott.ssa", "Avv.", "Ing.");
            case "nl" -> pools.pick("Dhr.", "Mevr.", "Drs.", "Ir.", "Prof.");
            case "pt" -> pools.pick("Sr.", "Sra.", "Dr.", "Dra.");
            default ->
                pools.pick(
                        "Mr",
                        "Mr.",
                        "Mrs",
                        "Mrs.",
                        "Ms",
                        "Ms.",
                        "Miss",
                        "Dr",
                        "Dr.",
                        "Prof.",
                        "Rev.",
                        "Rev. Dr.",
                        "Capt.",
                        "Sir",
                        "The Hon.",
                        "Lt. Col.",
                        "Sgt.",
                        "Fr.",
                        "Col.",
                        "Mx",
                        "Hon.",
                        "Prof. Dr.",
                        "Rabbi");
        };
    }

    private String suffix() {
        return pools.pick("Jr.", "Jr", "Sr.", "Sr", "II", "III", "IV", "2nd", "3rd", "Jr.", "III", "the Younger");
    }

    private String credentials() {
        String one = pools.pick(
                "PhD", "Ph.D.", "MD", "M.D.", "OBE", "MBE", "CBE", "RN", "CPA", "Esq.", "DDS", "MBA", "BSc", "MA", "JD",
                "FRCS", "DVM", "KC", "BA", "MSc", "LLB", "PE", "Esq");
        return pools.chance(0.2) ? one + ", " + pools.pick("FRSA", "MBA", "BSN", "FRCP", "MPH", "JP") : one;
    }

    private String nickname(Person person) {
        return pools.pick(
                "Dot",
                "Bill",
                "Buddy",
                "Bea",
                "Skip",
                "Tess",
                "Junior",
                "Red",
                "Mick",
                "Lou",
                "Ginny",
                pools.given("en_US"));
    }

    /** Stray blanks, commas and odd characters, as people type them. */
    String noisy(String text) {
        String s = text;
        if (pools.chance(0.05)) {
            s = pools.pick(" ", "  ", "\u00A0") + s;
        }
        if (pools.chance(0.05)) {
            s = s + pools.pick(" ", "  ", "\t");
        }
        if (pools.chance(0.05)) {
            s = s.replaceFirst(" ", pools.pick("  ", "\u00A0", "   ", "\u2009"));
        }
        if (pools.chance(0.05)) {
            s = s.replaceFirst(", ", pools.pick(",", " , ", ",  ", " ,", ",, "));
        }
        return s;
    }
}
