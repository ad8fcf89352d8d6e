package io.inkwellsplit;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.pattern.TextPattern;
import io.inkwellsplit.reading.NamePart;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** A name that is put together and split again gives the parts it was made of. */
class RoundTripTest {
    private static final List<String> PATTERNS = List.of(
            "{title} {first} {middle} {last} {suffix}",
            "{title} {first} {middle} {last}, {suffix}",
            "{title} {first} {middle} {last}, {suffix}, {credentials}",
            "{last}, {first} {middle}",
            "{last}, {title} {first} {middle}",
            "{last}, {first} {middle}, {suffix}",
            "{last} {suffix}, {first} {middle}",
            "{first} \"{nickname}\" {middle} {last}",
            "{first} ({nickname}) {last} {suffix}",
            "{last}, {first} {middle} (née {birth_name})",
            "{first} {last} c/o {care_of}",
            "Estate of {first} {middle} {last}",
            "{last}, {first} ({deceased})");

    @Property(tries = 2000)
    void partsComeBack(@ForAll("people") Map<String, String> person, @ForAll("patterns") String pattern) {
        check(person, pattern);
    }

    /** In capitals and in small letters the parts are the same; only what case tells is not asked for. */
    @Property(tries = 1000)
    void capitalsGiveTheSameParts(@ForAll("people") Map<String, String> person, @ForAll("patterns") String pattern) {
        Map<String, String> capitals = new LinkedHashMap<>();
        person.forEach((key, value) -> capitals.put(key, value.toUpperCase(Locale.ROOT)));
        check(capitals, pattern.replace("Estate of", "ESTATE OF").replace("née", "NÉE"));
    }

    /** A ready-made pattern that claims so gives back every part it shows; one that shows initials, the initials. */
    @Property(tries = 3000)
    void readyPatternsComeBack(
            @ForAll("people") Map<String, String> person,
            @ForAll("people") Map<String, String> partner,
            @ForAll("ready") ReadyPattern pattern) {
        boolean couple = pattern.name().startsWith("couple");
        Map<String, String> whole = new LinkedHashMap<>(person);
        partner.forEach((key, value) -> whole.put("second_" + key, couple ? value : ""));
        for (String part : List.of("first", "middle")) {
            if (pattern.pattern().toString().contains("{" + part + "-initial")) {
                whole.computeIfPresent(part, (key, value) -> new TextInitials(value).text());
            }
        }
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        Map<String, String> expected = new LinkedHashMap<>();
        for (NamePart part : NamePart.values()) {
            String value = whole.getOrDefault(part.key(), "");
            boolean shown = pattern.pattern().fields().contains(part.key())
                    || part == NamePart.LAST && pattern.name().equals("index-core");
            if (!value.isEmpty() && shown) {
                parts.put(part, value);
                expected.put(part.key(), value);
            }
        }
        if (couple) {
            expected.put("kind", "couple");
        }
        String text = pattern.format(PersonName.of(parts));
        assertThat(NameLearning.plainParts(NameSplitter.standard().split(text)))
                .as("%s: %s", pattern.name(), text)
                .isEqualTo(expected);
    }

    /** Initials as a pattern writes them. */
    private record TextInitials(String names) {
        String text() {
            return TextPattern.compile("{names-initial}").format(name -> names);
        }
    }

    @Provide
    Arbitrary<ReadyPattern> ready() {
        return Arbitraries.of(
                ReadyPattern.all().stream().filter(ReadyPattern::comesBack).toList());
    }

    private static void check(Map<String, String> person, String pattern) {
        TextPattern compiled = TextPattern.compile(pattern);
        String text = compiled.format(person::get);
        Map<String, String> expected = new LinkedHashMap<>();
        compiled.fields().forEach(field -> {
            String value = person.getOrDefault(field, "");
            if (!value.isEmpty()) {
                expected.put(field, value);
            }
        });
        if (pattern.startsWith("Estate") || pattern.startsWith("ESTATE")) {
            expected.put("estate", pattern.substring(0, "Estate of".length()));
        }
        assertThat(NameLearning.plainParts(NameSplitter.standard().split(text)))
                .as(text)
                .isEqualTo(expected);
    }

    @Provide
    Arbitrary<String> patterns() {
        return Arbitraries.of(PATTERNS);
    }

    @Provide
    Arbitrary<Map<String, String>> people() {
        Arbitrary<String> title = Arbitraries.of("", "", "Dr.", "Mrs.", "Rev. Dr.", "Capt.");
        Arbitrary<String> first =
                Arbitraries.of("Ines", "Tobias", "Mary-Ann", "J.", "Hugh", "Susan", "Robert", "Greta");
        Arbitrary<String> middle = Arbitraries.of("", "", "M.", "Q", "Robert", "Anna", "J. R.", "Louise");
        Arbitrary<String> last = Arbitraries.of(
                "Brandt",
                "O'Brien",
                "van der Meulen",
                "McElroy",
                "Fairweather-Jessop",
                "de la Cruz",
                "Miller",
                "Lindqvist");
        Arbitrary<String> suffix = Arbitraries.of("", "", "Jr.", "III", "2nd");
        Arbitrary<String> credentials = Arbitraries.of("", "PhD", "OBE", "RN, BSN");
        Arbitrary<String> nickname = Arbitraries.of("", "Dot", "Buddy");
        Arbitrary<String> other = Arbitraries.of("Harlow", "Ormsby");
        return Combinators.combine(title, first, middle, last, suffix, credentials, nickname, other)
                .as((t, f, m, l, s, c, n, o) -> Map.of(
                        "title",
                        t,
                        "first",
                        f,
                        "middle",
                        m,
                        "last",
                        l,
                        "suffix",
                        s,
                        "credentials",
                        c,
                        "nickname",
                        n,
                        "birth_name",
                        o,
                        "care_of",
                        "Wren " + o,
                        "deceased",
                        "dec'd"));
    }
}
