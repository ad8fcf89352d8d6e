package io.inkwellsplit.examples;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.contact.ContactFormat;
import io.inkwellsplit.table.contact.ContactOutput;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.SplitStep;
import java.nio.file.Path;
import java.util.List;

/** Writes the patrons as vCards, a card for each person: {@code ContactCards <patrons.csv> <cards.vcf>}. */
public final class ContactCards {
    private ContactCards() {}

    public static void main(String[] args) {
        SplitStep split = SplitStep.builder()
                .name("Patron")
                .address("Address")
                .parts(List.of("all"))
                .build();
        Path cards = Path.of(args[1]);
        try (TableInput source = Formats.shipped().open(Path.of(args[0]), ReadSettings.STANDARD);
                ContactOutput output = ContactOutput.create(
                        cards,
                        ContactFormat.of(cards).orElse(ContactFormat.VCARD),
                        source.dialect(),
                        WhenThere.REPLACE)) {
            Run.of(source, List.of(split)).into(output);
            output.notes().forEach(System.out::println);
        }
    }
}
