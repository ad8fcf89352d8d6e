package io.inkwellsplit.casing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TidyCaseTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Odalys van der Meulen-McElroy III",
                "MacDonald",
                "Mackey",
                "Macy",
                "O'Brien",
                "D'Arcy",
                "Jean-Pierre de la Tour",
                "de Groot, Ines",
                "'t Hooft",
                "Dr. J.R. Brandt PhD",
                "John Macy Jr.",
                "von und zu Berg",
                "Saint-Exupéry",
                "IJsselstein",
                "Ó Briain",
                "St. John",
                "José Ortega y Gasset"
            })
    void writesNames(String name) {
        assertThat(TidyCase.names().apply(name.toUpperCase(Locale.ROOT))).isEqualTo(name);
        assertThat(TidyCase.names().apply(name.toLowerCase(Locale.ROOT))).isEqualTo(name);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "445 NE 42nd St, Grass Valley, CO 80911", "12 Rue de la Paix, 75002 Paris", "PO Box 112",
                "14 St. Mary's Lane Apt 4B, Wexcombe, NY", "Flat 2F1, 3 McDougall Road", "Avenue of the Americas",
                "10 Kings Road, Stoke-on-Trent ST1 4AB", "123 Main St Apt B Portland OR 97201"
            })
    void writesAddresses(String address) {
        assertThat(TidyCase.addresses().apply(address.toUpperCase(Locale.ROOT))).isEqualTo(address);
        assertThat(TidyCase.addresses().apply(address.toLowerCase(Locale.ROOT))).isEqualTo(address);
    }

    @Test
    void leavesMixedCaseAloneUnlessAsked() {
        assertThat(TidyCase.names().apply("deSouza")).isEqualTo("deSouza");
        assertThat(TidyCase.names().evenIfMixed().apply("Ines BRANDT")).isEqualTo("Ines Brandt");
        assertThat(TidyCase.organisations().apply("CITY OF DUNMERE")).isEqualTo("City of Dunmere");
        assertThat(TidyCase.organisations().apply("HARLOW & SONS LLC")).isEqualTo("Harlow & Sons LLC");
    }

    @Property
    void changesNothingButCase(@ForAll String text) {
        String tidy = TidyCase.names().apply(text);
        assertThat(tidy).hasSameSizeAs(text);
        assertThat(tidy.equalsIgnoreCase(text)).isTrue();
        assertThat(TidyCase.addresses().apply(text)).isEqualToIgnoringCase(text);
    }
}
