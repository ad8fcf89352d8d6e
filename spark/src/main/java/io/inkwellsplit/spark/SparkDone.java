package io.inkwellsplit.spark;

import java.util.List;
import java.util.Optional;

/**
 * What a job on Spark has done.
 *
 * @param rows how many rows were read
 * @param rowsOut how many were written
 * @param setAside how many of those read were set aside
 * @param faults on how many of these the program itself has failed
 * @param report what each step has counted, in sentences
 * @param output the name of what was written
 * @param asideFolder the folder of the rows that were set aside; empty where there are none
 */
public record SparkDone(
        long rows,
        long rowsOut,
        long setAside,
        long faults,
        List<String> report,
        String output,
        Optional<String> asideFolder) {
    /** {@return the same as a summary for people, a line each} */
    public List<String> summary() {
        boolean asMany = rowsOut == rows - setAside;
        List<String> lines = new java.util.ArrayList<>();
        lines.add("Rows: " + rows + (setAside > 0 ? ", set aside: " + setAside : "")
                + (asMany ? "" : ", out: " + rowsOut));
        lines.addAll(report);
        lines.add("Written: " + output);
        asideFolder.ifPresent(folder -> lines.add("Set aside, with the reason for each row: " + folder));
        return List.copyOf(lines);
    }
}
