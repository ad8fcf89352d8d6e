package io.inkwellsplit.name.weigh;

import io.inkwellsplit.name.column.NameOrder;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;

/** Of which build a value is: how many words it has, whether there is a comma, where initials stand, and so on. */
public final class NameBuild {
    private NameBuild() {}

    /** Returns the build of a value whose layers are peeled; see {@link NameOrder}. */
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
        return NameOrder.build(words, initials, origin, text.hasComma() ? 1 : 0);
    }

    /** Returns how many words of the name no list has, up to 2. */
    public static int unlisted(NameText text) {
        int unlisted = 0;
        for (int i = 0; i < text.count(); i++) {
            if (text.isFreeWord(i) && text.isUnknown(i) && !isInitial(text, i) && !text.has(i, WordInfo.ANY_PARTICLE)) {
                unlisted++;
            }
        }
        return Math.min(2, unlisted);
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
