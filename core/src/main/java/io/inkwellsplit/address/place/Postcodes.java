package io.inkwellsplit.address.place;

import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The forms that a country's postcodes have.
 *
 * <p>In a form, {@code 9} stands for a digit, {@code @} for a letter, {@code *} for either, a blank for blanks or none,
 * and any other sign for itself.
 */
public final class Postcodes {
    /** Letters, and in the same places the digits that look like them. */
    private static final String LETTERS_LIKE_DIGITS = "OIS";

    private static final String DIGITS_LIKE_LETTERS = "015";

    /** The signs of a form, and how long its first word may be: up to the first blank, or all of it without blanks. */
    private record Form(char[] signs, int shortest, int longest) {
        static Form of(String text) {
            int blank = text.indexOf(' ');
            int longest = text.replace(" ", "").length();
            return new Form(text.toCharArray(), blank < 0 ? longest : blank, longest);
        }
    }

    private final List<String> forms;
    private final Form[] signs;
    private final Form[] shortSigns;

    /**
     * @param forms how a postcode is written
     * @param prefixes letters that may stand before it, with a hyphen: {@code D-50667}
     * @param lostZeros how it looks when its leading zero is lost
     */
    Postcodes(List<String> forms, List<String> prefixes, List<String> lostZeros) {
        List<String> all = new ArrayList<>(forms);
        for (String prefix : prefixes) {
            for (String form : forms) {
                all.add(prefix + "-" + form);
                all.add(prefix + form);
            }
        }
        this.forms = List.copyOf(all);
        this.signs = all.stream().map(Form::of).toArray(Form[]::new);
        this.shortSigns = lostZeros.stream().map(Form::of).toArray(Form[]::new);
    }

    /** Returns every form, with and without its blanks, for an index of what first tokens look like. */
    List<String> spellings() {
        List<String> all = new ArrayList<>(forms);
        for (String form : forms) {
            if (form.indexOf(' ') >= 0) {
                all.add(form.replace(" ", ""));
            }
        }
        return all;
    }

    /** Returns how many tokens from one on make a postcode; 0 if they make none. */
    public int match(Tokens tokens, int from, int count) {
        int length = wordEnd(tokens, from) - tokens.start(from);
        int longest = 0;
        for (Form form : signs) {
            if (length >= form.shortest && length <= form.longest) {
                longest = Math.max(longest, match(form.signs, tokens, from, count));
            }
        }
        return longest;
    }

    /** Returns whether a token is a postcode that has lost its leading zero. */
    public boolean isShort(Tokens tokens, int token) {
        for (Form form : shortSigns) {
            if (match(form.signs, tokens, token, token + 1) == 1) {
                return true;
            }
        }
        return false;
    }

    /** Returns a postcode in capitals, with its blanks and hyphens where the country has them and its zero restored. */
    public String standard(String text) {
        String written = text.toUpperCase(Locale.ROOT).strip();
        Tokens tokens = new Tokens();
        tokens.read(written);
        boolean zeroLost = tokens.count() == 1 && match(tokens, 0, 1) == 0 && isShort(tokens, 0);
        String signs = (zeroLost ? "0" : "") + written.replaceAll("[^\\p{L}\\p{N}]", "");
        String best = zeroLost ? "0" + written : written;
        int most = -1;
        for (String form : forms) {
            String laidOut = laidOut(form, signs);
            int separators = form.length() - signs.length();
            if (!laidOut.isEmpty() && separators > most) {
                best = laidOut;
                most = separators;
            }
        }
        return best;
    }

    /**
     * Returns the postcode that is likely meant where a letter was typed or scanned for the digit that looks like it, or a
     * digit for the letter: {@code 05641} for {@code O5641}. Empty where none is, or several could be.
     */
    public String meant(String text) {
        String signs = text.toUpperCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
        String found = "";
        for (String form : forms) {
            String wanted = form.replaceAll("[ -]", "");
            if (wanted.length() != signs.length()) {
                continue;
            }
            StringBuilder put = new StringBuilder();
            for (int i = 0; i < signs.length(); i++) {
                put.append(likeness(wanted.charAt(i), signs.charAt(i)));
            }
            if (!matches(put.toString()) || found.equals(standard(put.toString()))) {
                continue;
            }
            if (!found.isEmpty()) {
                return "";
            }
            found = standard(put.toString());
        }
        return found;
    }

    /** Returns the sign that a form wants where the one that stands there only looks like it; otherwise the one itself. */
    private static char likeness(char wanted, char c) {
        if (fits(wanted, c)) {
            return c;
        }
        int at = LETTERS_LIKE_DIGITS.indexOf(c);
        if (wanted == '9' && at >= 0) {
            return DIGITS_LIKE_LETTERS.charAt(at);
        }
        int digit = DIGITS_LIKE_LETTERS.indexOf(c);
        return wanted == '@' && digit >= 0 ? LETTERS_LIKE_DIGITS.charAt(digit) : c;
    }

    /** Returns letters and digits put into a form; empty where they do not fit. */
    private static String laidOut(String form, String signs) {
        StringBuilder text = new StringBuilder();
        int next = 0;
        for (int f = 0; f < form.length(); f++) {
            char wanted = form.charAt(f);
            if (wanted == ' ' || wanted == '-') {
                text.append(wanted);
            } else if (next < signs.length() && fits(wanted, signs.charAt(next))) {
                text.append(signs.charAt(next++));
            } else {
                return "";
            }
        }
        return next == signs.length() ? text.toString() : "";
    }

    /** Returns whether a text as a whole has one of the forms. */
    public boolean matches(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        return tokens.count() > 0 && match(tokens, 0, tokens.count()) == tokens.count();
    }

    private static int match(char[] form, Tokens tokens, int from, int count) {
        int at = tokens.start(from);
        int token = from;
        for (char wanted : form) {
            if (wanted == ' ') {
                if (at >= wordEnd(tokens, token)) {
                    if (++token == count) {
                        return 0;
                    }
                    at = tokens.start(token);
                }
                continue;
            }
            if (at >= wordEnd(tokens, token) || !fits(wanted, tokens.charAt(at))) {
                return 0;
            }
            at++;
        }
        boolean whole = at == wordEnd(tokens, token) && !isCapitalised(tokens, token);
        return whole ? token - from + 1 : 0;
    }

    /** {@code 1012 AB} is a postcode, {@code 9802 Le} a number before a word. */
    private static boolean isCapitalised(Tokens tokens, int token) {
        return tokens.letters(token) == 2
                && tokens.startsUpper(token)
                && Character.isLowerCase(tokens.charAt(tokens.start(token) + 1));
    }

    private static int wordEnd(Tokens tokens, int token) {
        return tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
    }

    private static boolean fits(char wanted, char c) {
        return switch (wanted) {
            case '9' -> isDigit(c);
            case '@' -> isLetter(c);
            case '*' -> isDigit(c) || isLetter(c);
            default -> wanted == c || isLetter(wanted) && (wanted | 32) == (c | 32);
        };
    }

    public static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    public static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }
}
