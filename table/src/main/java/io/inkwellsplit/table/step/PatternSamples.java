package io.inkwellsplit.table.step;

import io.inkwellsplit.assemble.NameFormatter;
import io.inkwellsplit.assemble.NameStyle;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.pattern.Writing;
import io.inkwellsplit.reading.NamePart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Shows the ready-made patterns and the styles of a language on a sample name. */
public final class PatternSamples {
    /** A name that has every part. */
    public static final String SAMPLE = "Dr. Odalys Wren \"Dot\" van der Meulen III, PhD";

    private static final String COUPLE = "Mr. Tobias Hugh Brandt and Ms. Ines Brandt";
    private static final List<String> STYLES = List.of(
            "long-formal",
            "medium-formal",
            "short-formal",
            "long-informal",
            "short-informal",
            "sorting-long-formal",
            "sorting-short-formal",
            "addressing-long-formal",
            "addressing-long-informal",
            "monogram-long-formal",
            "monogram-short-informal");

    private PatternSamples() {}

    /**
     * {@return a row for each ready-made pattern: its name, the sample written so, whether it splits back, its meaning}
     *
     * @param sample a name to write
     * @param locale the language of the initials
     */
    public static List<List<String>> ready(String sample, Locale locale) {
        Writing writing = locale.equals(Locale.ROOT)
                ? Writing.USUAL
                : NameFormatter.in(locale).writing();
        PersonName name = person(sample);
        boolean two = name.apply(NamePart.SECOND_FIRST) != null || name.apply(NamePart.SECOND_TITLE) != null;
        PersonName couple = two ? name : person(COUPLE);
        List<List<String>> rows = new ArrayList<>();
        for (ReadyPattern pattern : ReadyPattern.all()) {
            boolean forTwo = pattern.name().startsWith("couple");
            rows.add(List.of(
                    pattern.name(),
                    pattern.in(writing).format(forTwo ? couple : name),
                    pattern.comesBack() ? "yes" : "",
                    pattern.meaning()));
        }
        return rows;
    }

    /**
     * {@return a row for each style of a language: its words, and the sample written so}
     *
     * @param sample a name to write
     * @param locale the language
     */
    public static List<List<String>> styles(String sample, Locale locale) {
        NameFormatter formatter = NameFormatter.in(locale);
        PersonName name = person(sample);
        return STYLES.stream()
                .map(style -> List.of(style, formatter.format(name, NameStyle.parse(style))))
                .toList();
    }

    private static PersonName person(String text) {
        return PersonName.of(NameSplitter.standard().split(text));
    }
}
