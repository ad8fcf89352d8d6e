package io.inkwellsplit.table;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.PartKey;
import java.util.List;

/** Tells in which ways a value was weighed; costs several times what reading it does. */
public interface Ways {
    /**
     * {@return them, likeliest first}
     *
     * @param value the value
     */
    List<Alternative<PartKey>> of(String value);
}
