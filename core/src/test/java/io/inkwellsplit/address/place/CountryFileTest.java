package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.data.Resources.Line;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A broken country file is refused with its line, before anything is read with it. */
class CountryFileTest {
    private static final String GOOD = """
            [country]
            Quayland
            [form]
            uses	en
            postcode	9999
            order	recipient, number street, unit, box, city, postcode
            [label]
            {street}
            {city} {postcode}
            [example]
            12 Quay Street, Harbour 1234	street=12 Quay Street; city=Harbour; postcode=1234	12 Quay Street
            [state]
            HB	Harbour
            """;

    private static CountryFile read(String text) {
        List<Line> lines = new ArrayList<>();
        for (String line : text.split("\n")) {
            lines.add(new Line("QQ.txt", lines.size() + 1, line));
        }
        return new CountryFile(CountryFile.COUNTRY.read("QQ.txt", lines));
    }

    @Test
    void readsAGoodOne() {
        CountryFile file = read(GOOD);
        assertThat(file.form().get("postcode")).containsExactly("9999");
        assertThat(file.states()).hasSize(1);
        assertThat(file.words()).containsKeys("Quayland", "Harbour");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '!', textBlock = """
            uses|en                   ! uses|xx                      ! line 4: there is no file of the language "xx"
            uses|en                   ! uses|English                 ! line 4: the setting "uses" cannot be "English"
            uses|en                   ! use|en                       ! line 4: the setting "use" is unknown
            uses|en                   ! postcode|999                 ! line 5: the setting "postcode" stands twice
            postcode|9999             ! postcode|99#9                ! line 5: the setting "postcode" cannot be "99#9"
            postcode|9999             ! postcode                      ! line 5: there are 1 columns, not 2 or more
            postcode|9999             ! slash|flat house             ! line 5: the setting "slash" cannot be "flat house"
            postcode|9999             ! prefix|quay                  ! line 5: the setting "prefix" cannot be "quay"
            postcode|9999             ! city first|no                ! line 5: the setting "city first" cannot be "no"
            number street, unit        ! number road, unit             ! line 6: "road" is no part that an order can name
            {city} {postcode}          ! {town} {postcode}             ! line 9: a line of a label has parts in braces
            {city} {postcode}          ! {city {postcode}              ! line 9: a line of a label has parts in braces
            {city} {postcode}          ! city                          ! line 9: a line of a label has parts in braces
            HB|Harbour                ! HB|X~[label in own letters]~{town} ! line 15: a line of a label has parts in braces
            [example]                  ! [exampel]                     ! the section [exampel] is unknown
            [state]                    ! [letters]                     ! line 13: there are 2 columns, not 1
            [label]                    ! [unit]                        ! the section [label] is missing or empty
            HB|Harbour                ! HB|HB                         ! line 13: HB stands twice in [state]
            HB|Harbour                ! HB|Harbour~[letters]~Ж      ! line 15: "Ж" is no small letter
            HB|Harbour                ! HB|Harbour~[letters]~7      ! line 15: "7" is no small letter
            HB|Harbour                ! HB|Harbour~[script]~Quayish ! line 15: there is no script "Quayish" in Unicode
            HB|Harbour                ! HB|X~[postcode start]~QX|1 ! line 15: there is no region "QX" in [state]
            HB|Harbour                ! HB|X~[abbreviation]~Street  ! line 15: there are 1 columns, not 2
            """)
    void refusesABrokenOne(String part, String by, String message) {
        String broken = GOOD.replace(escaped(part), escaped(by));
        assertThat(broken).isNotEqualTo(GOOD);
        assertThatThrownBy(() -> read(broken))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("QQ.txt")
                .hasMessageContaining(message);
    }

    private static String escaped(String text) {
        return text.replace('|', '\t').replace('~', '\n');
    }
}
