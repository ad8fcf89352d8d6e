package io.inkwellsplit.examples;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import java.util.List;
import java.util.Map;

/** Fills a letter to each patron: the label, the greeting by title and last name, or by what there is. */
public final class MailRun {
    private static final String LETTER = """
            {{#label}}
            {{.}}
            {{/label}}

            {{greeting}},

            the Quayside Choir Festival begins on the first of June.

            """;

    private MailRun() {}

    public static void main(String[] args) {
        List<List<String>> patrons = List.of(
                List.of("Dr. Rafaela Okonedo", "445 Industrial Lane Apt B, Grass Valley, CA 95945"),
                List.of("Mr. & Mrs. Tobias Brandt", "Flat 2/1, 14 Harbour Lane, Wexcombe, Kent CT5 1AB, UK"),
                List.of("Odalys van der Meulen", "Musterstraße 7a, 50667 Köln, Germany"),
                List.of("Harlow & Sons LLC", "PO Box 112, Grass Valley, CA 95945"));
        NameSplitter names = NameSplitter.standard()
                .learn(patrons.stream().map(patron -> patron.get(0)).toList());
        Template letter = Mustache.compiler().escapeHTML(false).compile(LETTER);
        AddressLabel labels = AddressLabel.from("US");
        for (List<String> patron : patrons) {
            PersonName name = PersonName.of(names.split(patron.get(0)));
            System.out.print(letter.execute(Map.of(
                    "label", labels.lines(AddressSplitter.standard().split(patron.get(1))),
                    "greeting", ReadyPattern.named("greeting").format(name))));
        }
    }
}
