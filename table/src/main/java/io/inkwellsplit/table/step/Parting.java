package io.inkwellsplit.table.step;

import java.util.List;
import java.util.function.Consumer;

/** A step at work that passes some rows on and leaves out others, which somebody may want. */
public interface Parting extends BoundStep {
    /**
     * Says who takes the rows that are left out, from now on.
     *
     * @param rest takes them, in their order; they have the columns of {@link #header}
     */
    void restTo(Consumer<List<String>> rest);
}
