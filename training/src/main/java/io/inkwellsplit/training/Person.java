package io.inkwellsplit.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** An invented person, before the name is written in some format. */
final class Person {
    /** How often people of Spain, Portugal and their Americas write two family names, over all registers. */
    static final double TWO_FAMILY_NAMES = 0.55;

    private static final double THREE_FAMILY_NAMES = 0.06;
    private static final double PARTICLE_IN_CAPITALS = 0.5;

    final String locale;
    final List<String> given = new ArrayList<>();
    /** Particles with a small letter, which an index may set behind; may be empty. */
    String particle = "";

    String family;

    private final NamePools pools;

    Person(NamePools pools, String locale) {
        this(pools, locale, TWO_FAMILY_NAMES);
    }

    Person(NamePools pools, String locale, double twoFamilyNames) {
        this.pools = pools;
        this.locale = locale;
        givenNames();
        family = oneFamily();
        if (isEastAsian()) {
            return;
        }
        boolean iberian = locale.startsWith("es") || locale.startsWith("pt");
        if (iberian && pools.chance(twoFamilyNames) && family.indexOf(' ') < 0) {
            secondFamily();
            if (locale.startsWith("pt") && pools.chance(THREE_FAMILY_NAMES)) {
                secondFamily();
            }
        } else if (pools.chance(0.03)) {
            family += "-" + oneFamily();
        }
        particle = particle();
    }

    boolean isEastAsian() {
        return NamePools.EAST_ASIAN.contains(locale) || locale.equals("vi");
    }

    /** {@code Prado de Villarreal}: the second has a particle of its own. */
    private void secondFamily() {
        String link = pools.chance(0.03) && locale.startsWith("es") ? "y" : particle();
        if (!link.isEmpty() && pools.chance(PARTICLE_IN_CAPITALS)) {
            link = Character.toUpperCase(link.charAt(0)) + link.substring(1);
        }
        family += (link.isEmpty() ? " " : " " + link + " ") + oneFamily();
    }

    private String oneFamily() {
        String name = pools.family(locale);
        if (locale.equals(NamePools.ARAB)) {
            return arab(name);
        }
        if (locale.equals("en_US") && pools.chance(0.02)) {
            return pools.chance(0.3)
                    ? pools.pick("O ", "O'", "O")
                            + pools.pick(
                                    "Brien",
                                    "Connor",
                                    "Neill",
                                    "Sullivan",
                                    "Reilly",
                                    "Donnell",
                                    "Keefe",
                                    "Hara",
                                    "Leary",
                                    "Malley",
                                    "Shea",
                                    "Toole",
                                    "Dwyer",
                                    "Grady")
                    : pools.pick(
                                    "Mc ", "Mc", "Mac", "Fitz", "St. ", "San ", "Van ", "De La ", "De ", "La ", "Le ",
                                    "Du ")
                            + name;
        }
        return name;
    }

    private String arab(String name) {
        return switch (pools.number(0, 19)) {
            case 0, 1, 2, 3 -> pools.pick("Al ", "El ", "al ", "el ") + name;
            case 4, 5 -> pools.pick("Al-", "El-", "al-", "el-") + name;
            case 6 -> pools.pick("Al", "El") + name.toLowerCase(Locale.ROOT);
            case 7 ->
                pools.pick("Abu ", "Abo ", "Abou ", "Ben ", "Bin ", "Ibn ", "Ould ", "Ait ", "Abu-", "Ben-") + name;
            case 8 -> pools.pick("Abdul ", "Abdel ", "Abd El ", "Abd Al ", "Abdul-", "Abd ") + pools.given(locale);
            case 9 -> pools.given(locale);
            default -> name;
        };
    }

    private String particle() {
        double x = pools.chance(0.5) ? 0 : 1;
        return switch (locale.substring(0, 2)) {
            case "nl", "af" ->
                family.indexOf(' ') < 0 && x == 0
                        ? pools.pick(
                                "van", "van der", "van den", "de", "van de", "ter", "ten", "'t", "in 't", "van 't",
                                "den", "op de")
                        : "";
            case "de" -> pools.chance(0.08) ? pools.pick("von", "von der", "zu", "von und zu", "vom", "van") : "";
            case "fr" -> pools.chance(0.08) ? pools.pick("de", "de la", "du", "des", "le", "d'") : "";
            case "es" -> pools.chance(0.06) ? pools.pick("de", "de la", "del", "de los", "de las") : "";
            case "pt" -> pools.chance(0.25) ? pools.pick("da", "de", "dos", "do", "das") : "";
            case "it" -> pools.chance(0.08) ? pools.pick("di", "de", "della", "del", "dei", "degli", "da") : "";
            case "sv", "da", "nb" -> pools.chance(0.04) ? pools.pick("af", "von", "de") : "";
            case "id" -> pools.chance(0.04) ? pools.pick("bin", "binti", "bint", "ibn") : "";
            case "en" ->
                pools.chance(0.012)
                        ? pools.pick("van der", "van", "de", "de la", "von", "del", "al-", "ben", "bin", "el")
                        : "";
            default -> "";
        };
    }

    private void givenNames() {
        // A mother's or a grandmother's family name serves as a given name, above all as a middle one.
        add(locale.equals("en_US") && pools.chance(0.03) ? pools.family(locale) : pools.given(locale));
        if (isEastAsian() || NamePools.OTHER_SCRIPTS.contains(locale)) {
            return;
        }
        if (locale.equals(NamePools.ROMANISED)) {
            return;
        }
        if (pools.chance(0.06)) {
            given.set(0, initial(given.get(0)));
        } else if (pools.chance(0.03) && locale.startsWith("fr") || pools.chance(0.008)) {
            given.set(0, given.get(0) + "-" + pools.given(locale).replace(' ', '-'));
        }
        if (pools.chance(behindParticle())) {
            given.addAll(List.of(nameBehindParticle().split(" ")));
        } else if (pools.chance(0.36)) {
            String second = locale.equals("en_US") && pools.chance(0.12) ? pools.family(locale) : pools.given(locale);
            add(pools.chance(0.55) ? initial(second) : second);
            if (pools.chance(0.08)) {
                add(pools.chance(0.4) ? initial(pools.given(locale)) : pools.given(locale));
            }
        }
    }

    private double behindParticle() {
        return locale.startsWith("es") ? 0.05 : locale.startsWith("pt") ? 0.03 : 0;
    }

    /** {@code María del Carmen}: such a name is hardly ever in a list by itself. */
    private String nameBehindParticle() {
        String name = locale.startsWith("es")
                ? pools.pick(
                        "del Carmen",
                        "del Pilar",
                        "del Rosario",
                        "del Mar",
                        "del Valle",
                        "del Socorro",
                        "del Consuelo",
                        "de Jesus",
                        "de Lourdes",
                        "de Guadalupe",
                        "de los Angeles",
                        "de la Luz",
                        "de la Paz",
                        "de las Mercedes",
                        "de la Caridad")
                : pools.pick(
                        "de Fatima",
                        "de Lourdes",
                        "de Jesus",
                        "das Gracas",
                        "da Conceicao",
                        "do Carmo",
                        "do Socorro",
                        "da Gloria");
        return pools.chance(PARTICLE_IN_CAPITALS) ? Character.toUpperCase(name.charAt(0)) + name.substring(1) : name;
    }

    /** Leaves one or two initials of the given names, without dots. */
    void shorten() {
        List<String> names = new ArrayList<>(given.subList(0, Math.min(2, given.size())));
        given.clear();
        names.forEach(name -> given.add(name.substring(0, 1)));
    }

    /** Two words of a list are two given names, unless a particle joins them. */
    private void add(String name) {
        if (NamePools.OTHER_SCRIPTS.contains(locale) && name.indexOf(' ') >= 0) {
            given.add(name.substring(0, name.indexOf(' ')));
        } else {
            given.addAll(List.of(name.split(" ")));
        }
    }

    private String initial(String name) {
        return name.charAt(0) + (pools.chance(0.6) ? "." : "");
    }
}
