package io.inkwellsplit.examples;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.step.AssembleStep;
import java.nio.file.Path;
import java.util.List;

/** Splits two columns of a table and adds an index entry: {@code SplitAndReassembleCsv <in.csv> <out.csv>}. */
public final class SplitAndReassembleCsv {
    private SplitAndReassembleCsv() {}

    public static void main(String[] args) {
        SplitStep split = SplitStep.builder().name("Patron").address("Address").build();
        AssembleStep assemble = AssembleStep.builder().ready("index").build();
        try (TableInput source = Formats.shipped().open(Path.of(args[0]), ReadSettings.STANDARD);
                CsvOutput output = CsvOutput.create(Path.of(args[1]), source.dialect(), WhenThere.REPLACE)) {
            Run run = Run.of(source, List.of(split, assemble));
            run.into(output.sourceHeader(source.header()));
            System.out.println("Rows: " + run.rows() + ", set aside: " + run.setAside());
        }
    }
}
