package io.inkwellsplit.column;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameSplitter;

/** Lets a column of names teach the splitter that reads it. */
public final class NameColumn {
    private NameColumn() {}

    /**
     * Returns a splitter that reads values in the light of their column.
     *
     * @param splitter the settings to keep
     * @param values the column, or as much of it as there is; gone through once, memory does not grow with it
     */
    public static NameSplitter learn(NameSplitter splitter, Iterable<String> values) {
        NameEvidence evidence = new NameEvidence();
        for (String value : values) {
            splitter.gather(value, evidence);
        }
        return splitter.inLightOf(evidence);
    }
}
