package io.inkwellsplit.examples;

import io.inkwellsplit.assemble.NameFormatter;
import io.inkwellsplit.assemble.NameStyle;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.name.NameSplitter;
import java.text.Collator;
import java.util.List;
import java.util.Locale;

/** Prints the index of a programme: singers in Latin letters first, then those in Cyrillic, each in its own order. */
public final class IndexInTwoAlphabets {
    private IndexInTwoAlphabets() {}

    public static void main(String[] args) {
        List<String> singers = List.of(
                "Odalys Wren van der Meulen",
                "Мария Ивановна Соколова",
                "Øystein Ærø",
                "Ines Brandt",
                "Пётр Ильич Новиков",
                "Zoë Fairweather-Jessop",
                "Анна Орлова",
                "Tobias Brandt");
        NameSplitter splitter = NameSplitter.standard().learn(singers);
        index("In Latin letters", Locale.ENGLISH, Character.UnicodeScript.LATIN, singers, splitter);
        index("In Cyrillic letters", Locale.forLanguageTag("ru"), Character.UnicodeScript.CYRILLIC, singers, splitter);
    }

    private static void index(
            String title, Locale locale, Character.UnicodeScript script, List<String> singers, NameSplitter splitter) {
        NameFormatter formatter = NameFormatter.in(locale);
        NameStyle entry = NameStyle.parse("sorting-long-formal");
        System.out.println(title);
        singers.stream()
                .filter(singer -> Character.UnicodeScript.of(singer.codePointAt(0)) == script)
                .map(singer -> formatter.format(PersonName.of(splitter.split(singer)), entry))
                .sorted(Collator.getInstance(locale))
                .forEach(line -> System.out.println("  " + line));
    }
}
