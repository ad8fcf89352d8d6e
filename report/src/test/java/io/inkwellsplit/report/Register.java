package io.inkwellsplit.report;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.split.Splitters;
import io.inkwellsplit.table.split.Subject;
import io.inkwellsplit.table.survey.RunWatch;
import io.inkwellsplit.table.survey.Survey;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A small register that is split once, with everything a page can be made of. */
final class Register {
    static final String HOSTILE = "<img src=x onerror=\"document.title='broken'\"> & </script><b>Brandt</b>";

    final Report report;
    final List<List<String>> rows = new ArrayList<>();
    private final ReviewSheet sheet = new ReviewSheet();

    /** @param corrections a corrections file, where there is one */
    Register(Path list, Path... corrections) throws IOException {
        if (Files.notExists(list)) {
            List<String> lines = new ArrayList<>(List.of(
                    "Patron;Address",
                    "MARLOW JAMES;14 Harbour Lane, Wexcombe WX1 2AB",
                    "BRANDT OKONEDO;3 QUAY STREET, DUNMERE CT5 1AB",
                    "Odalys van der Meulen;445 Industrial Lane Apt B Tallow Creek VT 5641",
                    "Ines & Tobias Marrow;PO Box 7, Harrow Point, ME 4101",
                    "Hugh Pargeter and Wren Okonedo;PO Box 112, Harrow Point, ME 4101"));
            lines.add('"' + HOSTILE.replace("\"", "\"\"") + "\";nowhere");
            Files.write(list, lines);
        }
        RunWatch watch = new RunWatch();
        SplitStep.Builder split = SplitStep.builder()
                .name("Patron")
                .address("Address")
                .splitters(Splitters.standard().doubtBelow(1))
                .watch(watch)
                .watch(sheet);
        for (Path file : corrections) {
            split.corrections(Corrections.read(file));
        }
        try (CsvSource source = CsvSource.open(list)) {
            Run run = Run.of(source, List.of(split.build()));
            run.into(new Rows());
            Report.Builder builder = Report.builder(String.valueOf(list.getFileName()))
                    .command("inkwell split \"" + HOSTILE + '"')
                    .survey(Survey.of(source))
                    .run(run, rows);
            watch.counted().forEach(builder::column);
            report = builder.build();
        }
    }

    Path page(Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            report.page(out);
        }
        return file;
    }

    Path review(Path file) throws IOException {
        ReviewPage page = new ReviewPage("register.csv", Map.of("Patron", Subject.NAME, "Address", Subject.ADDRESS));
        sheet.drain(page::add);
        try (OutputStream out = Files.newOutputStream(file)) {
            page.writeTo(out);
        }
        return file;
    }

    private final class Rows implements RowSink {
        @Override
        public void header(List<String> titles) {}

        @Override
        public void row(List<String> cells) {
            rows.add(cells);
        }

        @Override
        public void setAside(Row row, String reason) {}

        @Override
        public void finish() {}
    }
}
