package io.inkwellsplit.name;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The vocabulary of names: the lexicon, the classes of words and the phrases of the layers. Immutable. */
final class NameWords {
    private static final Map<String, Integer> CLASSES = Map.ofEntries(
            Map.entry("title", WordInfo.TITLE),
            Map.entry("title?", WordInfo.TITLE_OR_NAME),
            Map.entry("suffix", WordInfo.SUFFIX),
            Map.entry("suffix?", WordInfo.SUFFIX_OR_NAME),
            Map.entry("credentials", WordInfo.CREDENTIAL),
            Map.entry("credentials?", WordInfo.CREDENTIAL_OR_NAME),
            Map.entry("particle", WordInfo.PARTICLE),
            Map.entry("particle of the core", WordInfo.CORE_PARTICLE),
            Map.entry("particle?", WordInfo.PARTICLE_OR_NAME),
            Map.entry("connector", WordInfo.CONNECTOR),
            Map.entry("birth", WordInfo.BIRTH),
            Map.entry("organisation", WordInfo.ORGANISATION),
            Map.entry("organisation?", WordInfo.ORGANISATION_OR_NAME));

    private static final int MIN_KEYWORD = 6;

    private static final Format LEXICON = Format.NONE.required("", Column.TEXT, Column.FREQUENCIES);
    private static final Format WORDS = wordsFormat();
    private static final Format LAYERS = layersFormat();

    private final PhraseTable words;
    private final PhraseTable layers;
    private final Keywords keywords;

    private NameWords(PhraseTable words, PhraseTable layers, Keywords keywords) {
        this.words = words;
        this.layers = layers;
        this.keywords = keywords;
    }

    /** The shipped vocabulary, loaded when it is first asked for. */
    private static final class Shipped {
        static final NameWords WORDS = load();
    }

    static NameWords shipped() {
        return Shipped.WORDS;
    }

    private static Format wordsFormat() {
        Format format = Format.NONE;
        for (String section : CLASSES.keySet()) {
            format = format.distinct(section, Column.TEXT);
        }
        return format;
    }

    private static Format layersFormat() {
        Format format = Format.NONE;
        for (Layer layer : Layer.values()) {
            format = format.distinct(layer.section(), Column.TEXT);
        }
        return format;
    }

    private static NameWords load() {
        PhraseTable.Builder words = new PhraseTable.Builder(150_000);
        for (Line line : LEXICON.readLines(NameWords.class, "lexicon.txt")) {
            String text = line.text();
            int tab = text.indexOf('\t');
            int info = WordInfo.frequencies(
                    Character.digit(text.charAt(tab + 1), 16), Character.digit(text.charAt(tab + 2), 16));
            for (int i = tab + 3; i < text.length(); i++) {
                info |= tag(line, text.charAt(i));
            }
            words.merge(text.substring(0, tab), info, WordInfo.PHRASE);
        }
        WORDS.read(NameWords.class, "words.txt").forEach((section, lines) -> classes(words, section, lines));

        PhraseTable.Builder layers = new PhraseTable.Builder(600);
        List<String> keywords = new ArrayList<>();
        Map<String, List<Line>> sections = LAYERS.read(NameWords.class, "layers.txt");
        for (Layer layer : Layer.values()) {
            for (Line line : sections.getOrDefault(layer.section(), List.of())) {
                layers.merge(line.text(), layer.bit(), 0);
                words.mergeFirstWord(line.text(), WordInfo.LAYER);
                for (String word : line.text().split("[ -]")) {
                    // Only plain letters: a Spanish keyword must not stand in for a misspelt English one.
                    if (word.length() >= MIN_KEYWORD && word.chars().allMatch(c -> c >= 'a' && c <= 'z')) {
                        keywords.add(word);
                    }
                }
            }
        }
        return new NameWords(words.build(), layers.build(), new Keywords(keywords));
    }

    private static int tag(Line line, char tag) {
        return switch (tag) {
            case 'i' -> WordInfo.IBERIAN;
            case 'v' -> WordInfo.VIETNAMESE;
            case 'e' -> WordInfo.EAST_ASIAN;
            default -> throw line.refuse("the tag " + tag + " is unknown");
        };
    }

    private static void classes(PhraseTable.Builder words, String section, List<Line> lines) {
        int bit = Objects.requireNonNull(CLASSES.get(section), section);
        for (Line line : lines) {
            words.merge(line.text(), bit, WordInfo.PHRASE);
            if (line.text().matches(".*\\.\\p{L}.*")) {
                words.merge(line.text().replaceAll("[. ]", ""), bit, WordInfo.PHRASE);
            }
        }
    }

    /** Returns what is known of a word, by its hash; 0 where nothing is. */
    int info(long hash) {
        return words.get(hash);
    }

    PhraseTable words() {
        return words;
    }

    PhraseTable layers() {
        return layers;
    }

    Keywords keywords() {
        return keywords;
    }
}
