package io.inkwellsplit.examples;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/** Prints the labels of a table's first patrons, two beside each other: {@code LabelSheet <patrons.csv>}. */
public final class LabelSheet {
    private static final int LABELS = 6;
    private static final int ACROSS = 2;
    private static final int WIDTH = 40;

    private LabelSheet() {}

    public static void main(String[] args) {
        List<List<String>> labels = new ArrayList<>();
        try (TableInput source = Formats.shipped().open(Path.of(args[0]), ReadSettings.STANDARD)) {
            int name = source.header().indexOf("Patron");
            int address = source.header().indexOf("Address");
            for (Iterator<Row> rows = source.rows(); rows.hasNext() && labels.size() < LABELS; ) {
                List<String> cells = rows.next().cells();
                labels.add(label(cells.get(name), cells.get(address)));
            }
        }
        for (int i = 0; i < labels.size(); i += ACROSS) {
            print(labels.subList(i, Math.min(i + ACROSS, labels.size())));
        }
    }

    private static List<String> label(String name, String address) {
        Reading<NamePart> patron = NameSplitter.standard().split(name);
        List<String> lines = new ArrayList<>();
        lines.add(ReadyPattern.named("couple-full").format(PersonName.of(patron)));
        lines.addAll(AddressLabel.from("GB").lines(AddressSplitter.standard().split(address)));
        return lines;
    }

    private static void print(List<List<String>> across) {
        int height = across.stream().mapToInt(List::size).max().orElse(0);
        for (int line = 0; line <= height; line++) {
            StringBuilder text = new StringBuilder();
            for (List<String> label : across) {
                text.append(String.format("%-" + WIDTH + "s", line < label.size() ? label.get(line) : ""));
            }
            System.out.println(text.toString().stripTrailing());
        }
    }
}
