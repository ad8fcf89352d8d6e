package io.inkwellsplit.assemble;

import java.lang.Character.UnicodeScript;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which script a name is written in, by the four letters of ISO 15924. */
final class NameScript {
    /** Scripts that are made of several others. */
    private static final Map<String, Set<String>> MIXED = Map.of(
            "Jpan", Set.of("Hani", "Hira", "Kana"),
            "Hans", Set.of("Hani", "Bopo"),
            "Hant", Set.of("Hani", "Bopo"),
            "Kore", Set.of("Hang", "Hani"));

    private static final Map<UnicodeScript, String> CODES = Map.ofEntries(
            Map.entry(UnicodeScript.LATIN, "Latn"),
            Map.entry(UnicodeScript.GREEK, "Grek"),
            Map.entry(UnicodeScript.CYRILLIC, "Cyrl"),
            Map.entry(UnicodeScript.ARMENIAN, "Armn"),
            Map.entry(UnicodeScript.HEBREW, "Hebr"),
            Map.entry(UnicodeScript.ARABIC, "Arab"),
            Map.entry(UnicodeScript.SYRIAC, "Syrc"),
            Map.entry(UnicodeScript.DEVANAGARI, "Deva"),
            Map.entry(UnicodeScript.BENGALI, "Beng"),
            Map.entry(UnicodeScript.GURMUKHI, "Guru"),
            Map.entry(UnicodeScript.GUJARATI, "Gujr"),
            Map.entry(UnicodeScript.ORIYA, "Orya"),
            Map.entry(UnicodeScript.TAMIL, "Taml"),
            Map.entry(UnicodeScript.TELUGU, "Telu"),
            Map.entry(UnicodeScript.KANNADA, "Knda"),
            Map.entry(UnicodeScript.MALAYALAM, "Mlym"),
            Map.entry(UnicodeScript.SINHALA, "Sinh"),
            Map.entry(UnicodeScript.THAI, "Thai"),
            Map.entry(UnicodeScript.LAO, "Laoo"),
            Map.entry(UnicodeScript.MYANMAR, "Mymr"),
            Map.entry(UnicodeScript.KHMER, "Khmr"),
            Map.entry(UnicodeScript.GEORGIAN, "Geor"),
            Map.entry(UnicodeScript.ETHIOPIC, "Ethi"),
            Map.entry(UnicodeScript.CHEROKEE, "Cher"),
            Map.entry(UnicodeScript.MONGOLIAN, "Mong"),
            Map.entry(UnicodeScript.HANGUL, "Hang"),
            Map.entry(UnicodeScript.HIRAGANA, "Hira"),
            Map.entry(UnicodeScript.KATAKANA, "Kana"),
            Map.entry(UnicodeScript.BOPOMOFO, "Bopo"),
            Map.entry(UnicodeScript.HAN, "Hani"),
            Map.entry(UnicodeScript.ADLAM, "Adlm"),
            Map.entry(UnicodeScript.OL_CHIKI, "Olck"),
            Map.entry(UnicodeScript.MEETEI_MAYEK, "Mtei"),
            Map.entry(UnicodeScript.HANIFI_ROHINGYA, "Rohg"));

    private NameScript() {}

    /** Returns the script of the first letter that has one; null where none has, or it is none we know. */
    static @Nullable String of(@Nullable String... texts) {
        for (String text : texts) {
            int length = text == null ? 0 : text.length();
            for (int i = 0; text != null && i < length; i += Character.charCount(text.codePointAt(i))) {
                int c = text.codePointAt(i);
                // Most names are plain Latin letters.
                String script = c < 0x80 ? (Character.isLetter(c) ? "Latn" : null) : CODES.get(UnicodeScript.of(c));
                if (script != null) {
                    return script;
                }
            }
        }
        return null;
    }

    /** Returns whether a language that is written in one script writes names of another one in the same way. */
    static boolean covers(String ofLanguage, String ofName) {
        return ofLanguage.equals(ofName)
                || MIXED.getOrDefault(ofLanguage, Set.of()).contains(ofName);
    }
}
