package io.inkwellsplit.name.word;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.Nothing;
import io.inkwellsplit.words.OwnWords;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** The vocabulary of names: the lexicon, the classes of words and the phrases of the layers. Immutable. */
public final class NameWords {
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
            Map.entry("given behind a particle", WordInfo.GIVEN_BEHIND_PARTICLE),
            Map.entry("name tail", WordInfo.NAME_TAIL),
            Map.entry("connector", WordInfo.CONNECTOR),
            Map.entry("birth", WordInfo.BIRTH),
            Map.entry("article", WordInfo.ARTICLE),
            Map.entry("preposition", WordInfo.PREPOSITION),
            Map.entry("family joint", WordInfo.FAMILY_JOINT),
            Map.entry("organisation", WordInfo.ORGANISATION),
            Map.entry("organisation?", WordInfo.ORGANISATION_OR_NAME));

    private static final int MIN_KEYWORD = 6;
    /** Letters that are written with dots between as well; two letters so may be initials. */
    private static final String LETTERS = "\\p{Lu}{3}";

    private static final Format LEXICON = Format.NONE.required("", Column.TEXT, Column.FREQUENCIES);
    private static final Format WORDS = wordsFormat();
    private static final Format LAYERS = layersFormat();

    private final PhraseTable words;
    /** How frequent a word is among people who usually bear two family names, where it serves otherwise there. */
    private final PhraseTable atHome;

    private final PhraseTable layers;
    private final Keywords keywords;
    private final Nothing nothing;
    private final OwnWords own;

    private NameWords(PhraseTable words, PhraseTable atHome, Layers layers, Nothing nothing, OwnWords own) {
        this.words = words;
        this.atHome = atHome;
        this.layers = layers.table;
        this.keywords = layers.keywords;
        this.nothing = nothing;
        this.own = own;
    }

    /** The shipped vocabulary, loaded when it is first asked for. */
    private static final class Shipped {
        static final NameWords WORDS = load();
    }

    public static NameWords shipped() {
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
        lexicon("lexicon.txt", words);
        WORDS.read(NameWords.class, "words.txt").forEach((section, lines) -> classes(words, section, lines));

        PhraseTable.Builder atHome = new PhraseTable.Builder(4_000);
        lexicon("at-home.txt", atHome);
        return finish(words, atHome.build(), Nothing.shipped(), OwnWords.none());
    }

    private static void lexicon(String file, PhraseTable.Builder into) {
        for (Line line : LEXICON.readLines(NameWords.class, file)) {
            String text = line.text();
            int tab = text.indexOf('\t');
            int info = WordInfo.frequencies(
                    Character.digit(text.charAt(tab + 1), 16), Character.digit(text.charAt(tab + 2), 16));
            for (int i = tab + 3; i < text.length(); i++) {
                info |= tag(line, text.charAt(i));
            }
            into.merge(text.substring(0, tab), info, WordInfo.PHRASE);
        }
    }

    /**
     * Returns this vocabulary and the user's own words.
     *
     * @throws IllegalArgumentException if a name has several words
     */
    public NameWords with(OwnWords more) {
        PhraseTable.Builder table = words.more();
        CLASSES.keySet().forEach(section -> classes(table, section, more.lines(section)));
        PhraseTable.Builder home = atHome.more();
        Set<String> given = names(more, "given");
        Set<String> family = names(more, "family");
        for (String name : union(given, family)) {
            int info = table.get(name);
            table.put(name, WordInfo.asOwn(info, given.contains(name), family.contains(name)));
            home.put(name, PhraseTable.NONE);
        }
        return finish(table, home.build(), nothing.with(more), own.and(more));
    }

    private static Set<String> union(Set<String> some, Set<String> others) {
        Set<String> all = new LinkedHashSet<>(some);
        all.addAll(others);
        return all;
    }

    private static Set<String> names(OwnWords more, String section) {
        Set<String> names = new LinkedHashSet<>();
        Tokens tokens = new Tokens();
        for (Line line : more.lines(section)) {
            tokens.read(line.text());
            if (tokens.count() != 1 || !tokens.isWord(0)) {
                throw new IllegalArgumentException(line.refuse("\"" + line.text() + "\" in [" + section
                                + "] is not one word; names stand there a word a line")
                        .getMessage());
            }
            names.add(line.text());
        }
        return names;
    }

    private static NameWords finish(PhraseTable.Builder words, PhraseTable atHome, Nothing nothing, OwnWords own) {
        Layers layers = layers(words, own);
        return new NameWords(words.build(), atHome, layers, nothing, own);
    }

    /** The phrases of the layers, and the keywords among them that may be misspelt. */
    private record Layers(PhraseTable table, Keywords keywords) {}

    private static final String[] NONE = {};

    private static Layers layers(PhraseTable.Builder words, OwnWords own) {
        PhraseTable.Builder layers = new PhraseTable.Builder(600);
        List<String> keywords = new ArrayList<>();
        Map<String, List<Line>> sections = LAYERS.read(NameWords.class, "layers.txt");
        for (Layer layer : Layer.values()) {
            List<Line> lines = new ArrayList<>(sections.getOrDefault(layer.section(), List.of()));
            lines.addAll(own.lines(layer.section()));
            for (Line line : lines) {
                layers.merge(line.text(), layer.bit(), 0);
                words.mergeFirstWord(line.text(), WordInfo.LAYER);
                for (String word : layer.maybeMisspelt() ? line.text().split("[ -]") : NONE) {
                    // Only plain letters: a Spanish keyword must not stand in for a misspelt English one.
                    if (word.length() >= MIN_KEYWORD && word.chars().allMatch(c -> c >= 'a' && c <= 'z')) {
                        keywords.add(word);
                    }
                }
            }
        }
        return new Layers(layers.build(), new Keywords(keywords));
    }

    private static int tag(Line line, char tag) {
        return switch (tag) {
            case 'i' -> WordInfo.TWO_USUAL;
            case 'v' -> WordInfo.VIETNAMESE;
            case 'e' -> WordInfo.EAST_ASIAN;
            default -> throw line.refuse("the tag " + tag + " is unknown");
        };
    }

    private static void classes(PhraseTable.Builder words, String section, List<Line> lines) {
        int bit = Objects.requireNonNull(CLASSES.get(section), section);
        for (Line line : lines) {
            boolean small = section.startsWith("organisation") && line.text().matches(".*\\p{Ll}.*");
            words.merge(line.text(), small ? bit | WordInfo.SMALL_FORM : bit, WordInfo.PHRASE);
            if (line.text().matches(".*\\.\\p{L}.*")) {
                words.merge(line.text().replaceAll("[. ]", ""), bit, WordInfo.PHRASE);
            }
            if (section.startsWith("credentials") && line.text().matches(LETTERS)) {
                words.merge(String.join(".", line.text().split("")), bit, WordInfo.PHRASE);
            }
        }
    }

    /** Returns what is known of a word, by its hash; 0 where nothing is. */
    public int info(long hash) {
        return words.get(hash);
    }

    /** Returns how frequent a word is among people who usually bear two family names, as {@link WordInfo} has it; 0 where it is as elsewhere. */
    public int atHome(long hash) {
        return atHome.get(hash);
    }

    /**
     * Returns what is known of a word that is in no list: whether it looks like one coined for a firm, or sounds like a family
     * name of people who usually bear two.
     */
    public int unlisted(Tokens tokens, int token) {
        return Coined.is(tokens, token, words)
                ? WordInfo.ORGANISATION_OR_NAME
                : Sounds.isTwoUsual(tokens, token) ? WordInfo.TWO_USUAL : 0;
    }

    /** Returns whether the tokens of a value are nothing to read. */
    public boolean isNothing(Tokens tokens) {
        return nothing.is(tokens);
    }

    public PhraseTable words() {
        return words;
    }

    public PhraseTable layers() {
        return layers;
    }

    public Keywords keywords() {
        return keywords;
    }
}
