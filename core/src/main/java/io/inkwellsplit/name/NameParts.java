package io.inkwellsplit.name;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.cut.Candidate;
import io.inkwellsplit.name.cut.Candidate.Couple;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.text.TokenKind;

/** Turns a candidate's labels into the places of its parts. */
final class NameParts {
    private static final int LAST = NamePart.LAST.ordinal();
    private static final int SECOND = NamePart.SECOND_TITLE.ordinal();

    private static final int LEAST_WHOLE_WORD = 5;

    private NameParts() {}

    static void place(String source, NameText text, Candidate candidate, ReadingBuilder<NamePart> builder) {
        Kind kind = candidate.kind;
        if (kind == Kind.PERSON && isUnclear(text, candidate)) {
            kind = Kind.UNCLEAR;
        }
        builder.start(source, kind, text.sourcePlaces);
        byte[] labels = candidate.labels;
        lastName(text, labels, LAST, NamePart.LAST, candidate.layout, builder);
        lastName(text, labels, LAST + SECOND, NamePart.SECOND_LAST, candidate.secondLayout, builder);
        if (candidate.couple == Couple.SHARED_FROM_RIGHT) {
            lastName(text, labels, LAST + SECOND, NamePart.LAST, candidate.secondLayout, builder);
        } else if (candidate.couple == Couple.SHARED_FROM_LEFT || candidate.couple == Couple.TITLES) {
            lastName(text, labels, LAST, NamePart.SECOND_LAST, candidate.layout, builder);
        }
        if (candidate.sharedEnd > 0) {
            for (int offset = 0; offset <= SECOND; offset += SECOND) {
                NamePart last = NameText.part(LAST + offset);
                add(text, candidate.sharedStart, candidate.sharedEnd, last, builder);
                finer(text, candidate.sharedStart, candidate.sharedEnd, offset, builder);
            }
        }
        for (int i = 0; i < text.count(); ) {
            int end = runEnd(text, labels, i);
            run(text, labels[i], i, end, builder);
            i = end;
        }
    }

    private static boolean isUnclear(NameText text, Candidate candidate) {
        if (candidate.layout != Layout.NONE) {
            return false;
        }
        for (int i = 0; i < text.count(); i++) {
            if (candidate.labels[i] == NamePart.TITLE.ordinal()) {
                return false;
            }
        }
        return true;
    }

    private static void run(NameText text, int label, int from, int end, ReadingBuilder<NamePart> builder) {
        int start = text.tokens.start(from);
        int stop = text.tokens.end(end - 1);
        if (label == NameText.ANNOUNCEMENT) {
            builder.addAnnouncement(start, stop);
        } else if (label == NameText.FREE || label == NameText.SEPARATOR && text.isSign(from)) {
            builder.add(NamePart.UNPLACED, start, stop);
        } else if (label >= 0 && label != LAST && label != LAST + SECOND) {
            NamePart part = NameText.part(label);
            boolean first = part == NamePart.FIRST || part == NamePart.SECOND_FIRST;
            if (first && end == from + 1 && text.isInitialsTogether(from)) {
                builder.add(part, start, start + 1);
                builder.add(NameText.part(label + 1), start + 1, stop);
            } else {
                boolean given = first || part == NamePart.MIDDLE || part == NamePart.SECOND_MIDDLE;
                builder.add(part, start, given ? stop(text, end) : stop);
            }
            if (text.isTrust() && part == NamePart.ORGANISATION) {
                builder.add(NamePart.TRUST, start, stop);
            }
        }
    }

    /** Returns where the run of one label ends; a list of letters or a receiver goes on over its commas. */
    private static int runEnd(NameText text, byte[] labels, int from) {
        int end = from + 1;
        int label = labels[from];
        if (label == NameText.SEPARATOR) {
            return end;
        }
        while (end < text.count()) {
            int next = end;
            while (next < text.count() && labels[next] == NameText.SEPARATOR && spansSeparators(text, label, next)) {
                next++;
            }
            if (next >= text.count() || labels[next] != label) {
                break;
            }
            end = next + 1;
        }
        return end;
    }

    private static boolean spansSeparators(NameText text, int label, int token) {
        boolean list = label == NamePart.CREDENTIALS.ordinal()
                || label == NamePart.SECOND_CREDENTIALS.ordinal()
                || label == NamePart.CARE_OF.ordinal()
                || label == NamePart.ATTENTION.ordinal()
                || label == NamePart.TRUST.ordinal();
        boolean given = label == NamePart.FIRST.ordinal()
                || label == NamePart.MIDDLE.ordinal()
                || label == NamePart.SECOND_FIRST.ordinal()
                || label == NamePart.SECOND_MIDDLE.ordinal();
        return label == NamePart.ORGANISATION.ordinal()
                || given && token + 1 < text.count() && text.isHyphened(token + 1)
                || list && (text.is(token, TokenKind.COMMA) || text.is(token, TokenKind.MARK));
    }

    /**
     * Adds the last name and its finer parts. What an index has set behind the given names comes first; words of it
     * that something else stands between follow in their order.
     */
    private static void lastName(
            NameText text, byte[] labels, int label, NamePart into, Layout layout, ReadingBuilder<NamePart> builder) {
        int firstRun = next(text, labels, label, 0);
        if (firstRun < 0) {
            return;
        }
        int offset = into == NamePart.SECOND_LAST ? SECOND : 0;
        int firstEnd = runEnd(text, labels, firstRun);
        boolean behind = layout == Layout.FAMILY_COMMA;
        if (behind) {
            laterRuns(text, labels, firstEnd, into, NameText.part(NamePart.LAST_PARTICLE.ordinal() + offset), builder);
        }
        add(text, firstRun, firstEnd, into, builder);
        finer(text, firstRun, firstEnd, offset, builder);
        if (!behind) {
            laterRuns(text, labels, firstEnd, into, NameText.part(NamePart.LAST_CORE.ordinal() + offset), builder);
        }
    }

    private static void laterRuns(
            NameText text, byte[] labels, int from, NamePart into, NamePart finer, ReadingBuilder<NamePart> builder) {
        int label = labels[from - 1];
        for (int run = next(text, labels, label, from); run >= 0; ) {
            int end = runEnd(text, labels, run);
            add(text, run, end, into, builder);
            add(text, run, end, finer, builder);
            run = next(text, labels, label, end);
        }
    }

    private static void finer(NameText text, int firstRun, int firstEnd, int offset, ReadingBuilder<NamePart> builder) {
        int core = firstRun;
        while (core + 1 < firstEnd && isParticle(text, core)) {
            core++;
        }
        if (core > firstRun) {
            add(text, firstRun, core, NameText.part(NamePart.LAST_PARTICLE.ordinal() + offset), builder);
        }
        // "Saint Clair", "Mc Elroy", "Salah El Din" are one name.
        boolean joined = text.has(core, WordInfo.CORE_PARTICLE) && core + 1 < firstEnd;
        int coreEnd = core + (joined ? 2 : 1);
        while (coreEnd < firstEnd && text.isNameTail(coreEnd)) {
            coreEnd++;
        }
        boolean two = firstEnd - coreEnd == 1 && !text.tokens.isIdeograph(core);
        add(text, core, two ? coreEnd : firstEnd, NameText.part(NamePart.LAST_CORE.ordinal() + offset), builder);
        if (two) {
            add(text, coreEnd, firstEnd, NameText.part(NamePart.LAST_SECOND.ordinal() + offset), builder);
        }
    }

    private static boolean isParticle(NameText text, int token) {
        return text.has(token, WordInfo.ANY_PARTICLE) && !text.has(token, WordInfo.CORE_PARTICLE);
    }

    private static void add(NameText text, int from, int end, NamePart part, ReadingBuilder<NamePart> builder) {
        builder.add(part, text.tokens.start(from), stop(text, end));
    }

    /** A dot behind a long word at the very end shuts the sentence; a shorter word may be an abbreviation. */
    private static int stop(NameText text, int end) {
        int stop = text.tokens.end(end - 1);
        boolean fullStop = end == text.count()
                && text.tokens.isDotted(end - 1)
                && text.tokens.letters(end - 1) >= LEAST_WHOLE_WORD;
        return fullStop ? stop - 1 : stop;
    }

    private static int next(NameText text, byte[] labels, int label, int from) {
        for (int i = from; i < text.count(); i++) {
            if (labels[i] == label) {
                return i;
            }
        }
        return -1;
    }
}
