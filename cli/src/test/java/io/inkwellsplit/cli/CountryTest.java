package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Countries that a user tells, and those that are told to a user. */
class CountryTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"GB", "gb", "UK", "United Kingdom", "Great Britain", "Royaume-Uni"})
    void aCountryIsToldByCodeOrName(String country) throws Exception {
        Result result = new Inkwell(folder).run("explain", "--address", "--country", country, "3 Quay Street, Dunmere");
        assertThat(result.code()).isZero();
        assertThat(result.out()).contains("as address in GB");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"explain --address --country Wexcombia X", "split list.csv --address Address --country Wexcombia"
            })
    void anUnknownCountryIsRefusedInASentence(String command) throws Exception {
        Files.writeString(folder.resolve("list.csv"), "Address\n\"3 Quay Street, Dunmere\"\n");
        Result result = new Inkwell(folder).run(command.split(" "));
        assertThat(result.code()).isEqualTo(2);
        assertThat(result.err()).contains("Addresses of the country \"Wexcombia\" are not read.");
    }

    @Test
    void allPartsTellTheCountryThatWasRead() throws Exception {
        Files.writeString(folder.resolve("list.csv"), """
                Address
                "3 Quay Street, Dunmere, Kent CT5 1AB"
                "12 Main St, Barre, VT 05641"
                "12 Harbour Road, Thimphu 11001, Bhutan"
                ""
                """);
        Result result = new Inkwell(folder)
                .run(
                        "split",
                        "list.csv",
                        "--address",
                        "Address",
                        "--parts",
                        "country_code",
                        "--no-checks",
                        "--titles",
                        "keys",
                        "--out",
                        "-");
        assertThat(result.out()).contains("country_code", "CT5 1AB\",GB", "05641\",US", "Bhutan\",BT");
    }
}
