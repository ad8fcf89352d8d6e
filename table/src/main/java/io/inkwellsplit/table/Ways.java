package io.inkwellsplit.table;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.PartKey;
import java.util.List;

/** Tells in which ways a value was weighed; costs several times what reading it does. */
public interface Ways {
    /** Returns them, likeliest first. */
    List<Alternative<PartKey>> of(String value);
}
