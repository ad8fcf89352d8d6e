package io.inkwellsplit.name.weigh;

import io.inkwellsplit.name.column.NamePattern;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;

/** Of which build a value is: how many words it has, whether there is a comma, where initials stand, and so on. */
public final class NameBuild {
    private NameBuild() {}

    /** Returns the build of a value whose layers are peeled; see {@link NamePattern}. */
    public static int of(NameText text) {
        int words = 0;
        int first = -1;
        int last = -1;
        boolean inside = false;
        for (int i = 0; i < text.count(); i++) {
            boolean particle = words > 0 && text.has(i, WordInfo.ANY_PARTICLE) && !isInitialAlone(text, i);
            if (text.isFreeWord(i) && !particle) {
                words++;
                inside |= last > first && isInitial(text, last);
                first = first < 0 ? i : first;
                last = i;
            }
        }
        int initials = words < 2 ? 0 : isInitial(text, first) ? 1 : isInitial(text, last) ? 2 : inside ? 3 : 0;
        int origin = first >= 0 && text.has(first, WordInfo.EAST_ASIAN | WordInfo.VIETNAMESE) ? 1 : 0;
        return NamePattern.build(words, initials, origin, text.hasComma() ? 1 : 0);
    }

    /** The O of {@code O Toole} is none, as a list has the two as one word. */
    private static boolean isInitialAlone(NameText text, int token) {
        return text.isInitial(token)
                && (token + 1 == text.count() || !WordInfo.isListed(text.joined(token, token + 2)));
    }

    private static boolean isInitial(NameText text, int token) {
        return text.isInitial(token) || text.isInitialsTogether(token);
    }
}
