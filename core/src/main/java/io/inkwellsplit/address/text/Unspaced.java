package io.inkwellsplit.address.text;

import io.inkwellsplit.address.place.NativePlaces;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Finds words where a script has no blanks between them. A run of Chinese or Japanese characters is cut behind the names
 * of places that are known, and behind the characters that names of regions, cities, districts, streets and floors end in;
 * Korean ones make one word up to the next blank; in Thai a word is cut behind what opens a name. Cut too often does no
 * harm: the decoder puts together what belongs to one part.
 */
final class Unspaced {
    private static final Format FORMAT = Format.NONE
            .required("ending", Column.TEXT)
            .required("country", Column.TEXT)
            .required("behind number", Column.TEXT)
            .required("opening", Column.TEXT);
    private static final int LONGEST_NAME = 6;
    /** Katakana in a run of as many are a word of their own. */
    private static final int KATAKANA_WORD = 3;

    private static final class Shipped {
        static final Map<String, List<Line>> SECTIONS = FORMAT.read(Unspaced.class, "unspaced.txt");
        static final Set<String> ENDINGS = words("ending");
        static final Set<String> COUNTRIES = words("country");
        static final Set<String> BEHIND_NUMBER = words("behind number");
        static final List<String> OPENINGS = List.copyOf(words("opening"));
        static final int LONGEST = Stream.of(ENDINGS, COUNTRIES, BEHIND_NUMBER)
                .flatMap(Set::stream)
                .mapToInt(String::length)
                .max()
                .orElse(0);

        private static Set<String> words(String section) {
            Set<String> words = new HashSet<>();
            SECTIONS.getOrDefault(section, List.of()).forEach(line -> words.add(line.text()));
            return words;
        }
    }

    /** Puts characters together, and cuts words, until each token is a word; a text in Latin letters stays as it is. */
    void part(Tokens tokens) {
        if (!tokens.hasCaseless()) {
            return;
        }
        for (int i = 0; i < tokens.count(); i++) {
            if (tokens.isWord(i) && tokens.isIdeograph(i)) {
                i += run(tokens, i) - 1;
            } else if (tokens.isWord(i) && tokens.isCaseless(i)) {
                cutBehindOpening(tokens, i);
            }
        }
    }

    /** Makes words of a run of characters; returns how many. */
    private int run(Tokens tokens, int from) {
        int end = from + 1;
        while (end < tokens.count() && tokens.isWord(end) && tokens.isIdeograph(end) && tokens.isGlued(end)) {
            end++;
        }
        if (isHangul(tokens, from)) {
            join(tokens, from, end - from);
            return 1;
        }
        int at = from;
        // Names of places stand first in an address; further on they are parts of streets' names.
        boolean places = true;
        while (at < end) {
            int place = places ? place(tokens, at, end) : 0;
            places = place > 0;
            int length = places ? place : wordLength(tokens, at, end);
            join(tokens, at, length);
            end -= length - 1;
            at++;
        }
        return at - from;
    }

    private static void join(Tokens tokens, int from, int length) {
        if (length > 1) {
            tokens.join(from, from + length);
        }
    }

    private static boolean isHangul(Tokens tokens, int token) {
        return Character.UnicodeScript.of(tokens.charAt(tokens.start(token))) == Character.UnicodeScript.HANGUL;
    }

    private static int wordLength(Tokens tokens, int from, int end) {
        if (from > 0 && tokens.isGlued(from) && tokens.hasDigit(from - 1)) {
            int behind = longest(tokens, from, end, Shipped.BEHIND_NUMBER);
            if (behind > 0) {
                return behind;
            }
        }
        boolean katakana = katakana(tokens, from, end) >= KATAKANA_WORD;
        if (katakana) {
            return katakana(tokens, from, end);
        }
        for (int i = from + 1; i < end; i++) {
            int ending = longest(tokens, i, end, Shipped.ENDINGS);
            if (ending > 0) {
                // Of two in a row the second one counts: 京都府, 四日市市.
                return i + ending - from + longest(tokens, i + ending, end, Shipped.ENDINGS);
            }
            if (katakana(tokens, i, end) >= KATAKANA_WORD) {
                return i - from;
            }
        }
        return end - from;
    }

    private static int katakana(Tokens tokens, int from, int end) {
        int i = from;
        while (i < end && isKatakana(tokens.charAt(tokens.start(i)))) {
            i++;
        }
        return i - from;
    }

    private static boolean isKatakana(char c) {
        return c >= '\u30A1' && c <= '\u30FF';
    }

    /** Returns how many characters the longest name of a country or place has, with its ending, that a run begins with. */
    private static int place(Tokens tokens, int from, int end) {
        int country = longest(tokens, from, end, Shipped.COUNTRIES);
        if (country > 0) {
            return country;
        }
        PhraseTable names = NativePlaces.names();
        for (int length = Math.min(LONGEST_NAME, end - from); length > 1; length--) {
            long hash = tokens.hash(tokens.start(from), tokens.end(from + length - 1));
            if (names.word(hash) != PhraseTable.NONE) {
                boolean ended = longest(tokens, from + length - 1, from + length, Shipped.ENDINGS) > 0;
                return length + (ended ? 0 : longest(tokens, from + length, end, Shipped.ENDINGS));
            }
        }
        return 0;
    }

    private static int longest(Tokens tokens, int from, int end, Set<String> words) {
        for (int length = Math.min(Shipped.LONGEST, end - from); length > 0; length--) {
            String text = tokens.text().substring(tokens.start(from), tokens.end(from + length - 1));
            if (words.contains(text)) {
                return length;
            }
        }
        return 0;
    }

    private static void cutBehindOpening(Tokens tokens, int token) {
        String text = tokens.text().substring(tokens.start(token), tokens.end(token));
        for (String opening : Shipped.OPENINGS) {
            if (text.startsWith(opening) && text.length() > opening.length() + 1) {
                tokens.cut(token, tokens.start(token) + opening.length());
                return;
            }
        }
    }
}
