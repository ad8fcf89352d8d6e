package io.inkwellsplit.name.cut;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.column.NameOrder;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.weigh.Weighed;

/** One way in which a value can be read: a label for every token. A buffer, reused for every value. */
public final class Candidate extends Weighed {
    /** How two people share the value. */
    public enum Couple {
        NONE,
        /** {@code Ines Brandt & Tobias Wren}. */
        FULL_NAMES,
        /** {@code Ines & Tobias Brandt}: the first person's last name is the second's. */
        SHARED_FROM_RIGHT,
        /** {@code Brandt, Ines & Tobias}, {@code Ines Brandt & Tobias}: the second person's is the first's. */
        SHARED_FROM_LEFT,
        /** {@code Mr. & Mrs. Tobias Brandt}: the name is the first person's, the second has the last name alone. */
        TITLES
    }

    public Kind kind = Kind.PERSON;
    public Couple couple = Couple.NONE;
    /** The layouts of the first and the second person. */
    public Layout layout = Layout.NONE;

    public Layout secondLayout = Layout.NONE;
    /** Where the tokens that join two people begin; the tokens behind belong to the second. */
    public int join;
    /** Of several people with one last name, written behind the last of them: where it stands; else 0 and 0. */
    public int sharedStart;

    public int sharedEnd;
    /** A {@link NameOrder}, once it is weighed. */
    public int order;
    /** By how much the column prefers the order, as a logarithm; 0 where nothing is known. */
    public double preference;

    public Candidate start(NameText text, Kind newKind) {
        startWith(text.labels(), text.count());
        kind = newKind;
        couple = Couple.NONE;
        layout = Layout.NONE;
        secondLayout = Layout.NONE;
        join = text.count();
        sharedStart = 0;
        sharedEnd = 0;
        return this;
    }

    void copyRange(Candidate from, int start, int end) {
        System.arraycopy(from.labels, start, labels, start, end - start);
    }

    @Override
    public boolean sameAs(Weighed other, int count) {
        Candidate candidate = (Candidate) other;
        return kind == candidate.kind && couple == candidate.couple && super.sameAs(other, count);
    }
}
