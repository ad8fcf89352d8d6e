package io.inkwellsplit.address;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/**
 * One address on its way: its tokens, what is known of each, and the label each has been given so far.
 *
 * <p>A label is the ordinal of an {@link AddressPart}, or one of the three below 0. A buffer, reused for every value.
 */
final class AddressText {
    static final byte FREE = -1;
    static final byte SEPARATOR = -2;
    /** A word that announces a part. */
    static final byte ANNOUNCEMENT = -3;

    final Tokens tokens = new Tokens();
    int count;
    byte[] labels = new byte[32];
    /** What the tail was found to end in. */
    Tail.Postcode postcode = Tail.Postcode.NONE;

    private final Places places = Places.shipped();
    private AddressWords words = AddressWords.shipped();
    private int[] info = new int[32];
    private int[] phraseLength = new int[32];
    private int[] phraseInfo = new int[32];

    void read(String text, AddressWords words) {
        this.words = words;
        tokens.read(text);
        count = tokens.count();
        if (labels.length < count) {
            int size = count * 2;
            labels = new byte[size];
            info = new int[size];
            phraseLength = new int[size];
            phraseInfo = new int[size];
        }
        for (int i = 0; i < count; i++) {
            info[i] = words.table().get(tokens.hash(i));
            phraseLength[i] = 0;
            if ((info[i] & AddressWords.PHRASE) != 0) {
                int length = words.table().longest(tokens, i, count);
                if (length > 1) {
                    phraseLength[i] = length;
                    phraseInfo[i] = words.table().value(tokens, i, length);
                }
            }
            labels[i] = switch (tokens.kind(i)) {
                case WORD, NUMBER, AND -> FREE;
                case MARK -> isSeparatingMark(i) ? SEPARATOR : FREE;
                default -> SEPARATOR;
            };
        }
    }

    private boolean isSeparatingMark(int i) {
        return "-:_|\\*~!?=".indexOf(tokens.charAt(tokens.start(i))) >= 0;
    }

    boolean has(int token, int classes) {
        return (info[token] & classes) != 0;
    }

    /** Returns how many tokens from here on make the longest word or phrase of one of the classes; 0 for none. */
    int lengthOf(int token, int classes) {
        int length = phraseLength[token];
        if (length > 1 && (phraseInfo[token] & classes) != 0) {
            return length;
        }
        return has(token, classes) ? 1 : 0;
    }

    /** What the gazetteer says of a run of tokens as a town. */
    enum Town {
        UNKNOWN,
        KNOWN,
        /** It is in the state that the address names, or British in a British address. */
        FITS
    }

    Town town(int from, int end) {
        int place = places.find(this, from, end);
        if (place == PhraseTable.NONE) {
            return Town.UNKNOWN;
        }
        boolean fits = postcode == Tail.Postcode.GB ? Places.isBritish(place) : places.isIn(place, stateCode());
        return fits ? Town.FITS : Town.KNOWN;
    }

    private int stateCode() {
        int from = 0;
        while (from < count && labels[from] != AddressPart.STATE.ordinal()) {
            from++;
        }
        int end = from;
        while (end < count && labels[end] == AddressPart.STATE.ordinal()) {
            end++;
        }
        return from == end ? PhraseTable.NONE : words.stateCode(tokens, from, end - from);
    }

    /** Returns whether a run ends in a word for buildings, or is one with its number: {@code Tower B}. */
    boolean isBuilding(int from, int end) {
        boolean numbered = end - from == 2
                && has(from, AddressWords.BUILDING)
                && (tokens.letters(end - 1) == 1 || tokens.hasDigit(end - 1));
        return numbered || has(end - 1, AddressWords.BUILDING);
    }

    boolean is(int token, TokenKind kind) {
        return token >= 0 && token < count && tokens.is(token, kind);
    }

    boolean isMark(int token, char c) {
        return is(token, TokenKind.MARK) && tokens.charAt(tokens.start(token)) == c;
    }

    boolean isFree(int token) {
        return token >= 0 && token < count && labels[token] == FREE;
    }

    boolean isFreeWord(int token) {
        return isFree(token) && (tokens.isWord(token) || tokens.is(token, TokenKind.NUMBER));
    }

    boolean isComma(int token) {
        return is(token, TokenKind.COMMA) || is(token, TokenKind.BREAK);
    }

    void label(int from, int end, AddressPart part) {
        label(from, end, (byte) part.ordinal());
    }

    void label(int from, int end, byte label) {
        for (int i = from; i < end; i++) {
            if (labels[i] != SEPARATOR || label == SEPARATOR) {
                labels[i] = label;
            }
        }
    }

    /** Returns the last free token before {@code end}, or -1. */
    int lastFree(int end) {
        int i = end - 1;
        while (i >= 0 && labels[i] != FREE) {
            i--;
        }
        return i;
    }
}
