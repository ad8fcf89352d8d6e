package io.inkwellsplit.address;

import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.List;

/**
 * The forms that a country's postcodes have.
 *
 * <p>In a form, {@code 9} stands for a digit, {@code @} for a letter, {@code *} for either, a blank for blanks or none,
 * and any other sign for itself.
 */
final class Postcodes {
    private final List<String> forms;
    private final List<String> shortForms;

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
            }
        }
        this.forms = List.copyOf(all);
        this.shortForms = List.copyOf(lostZeros);
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
    int match(Tokens tokens, int from, int count) {
        int longest = 0;
        for (int i = 0; i < forms.size(); i++) {
            longest = Math.max(longest, match(forms.get(i), tokens, from, count));
        }
        return longest;
    }

    /** Returns whether a token is a postcode that has lost its leading zero. */
    boolean isShort(Tokens tokens, int token) {
        for (int i = 0; i < shortForms.size(); i++) {
            if (match(shortForms.get(i), tokens, token, token + 1) == 1) {
                return true;
            }
        }
        return false;
    }

    /** Returns whether a text as a whole has one of the forms. */
    boolean matches(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        return tokens.count() > 0 && match(tokens, 0, tokens.count()) == tokens.count();
    }

    private static int match(String form, Tokens tokens, int from, int count) {
        int at = tokens.start(from);
        int token = from;
        for (int f = 0; f < form.length(); f++) {
            char wanted = form.charAt(f);
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

    static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }
}
