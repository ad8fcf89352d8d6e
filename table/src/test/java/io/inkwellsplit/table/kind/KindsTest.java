package io.inkwellsplit.table.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.kind.Values.Given;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every kind of step with its settings on one small table: what comes out, with a slash between rows. */
class KindsTest {
    private static final String TABLE = """
            No|Voices|Name
            7|Alto;Bass|Ines Brandt
            8|Tenor|WREN MARLOW
            30|Alto;;Tenor|Ada Okonedo
            """;

    @TempDir
    Path folder;

    private static List<Given> given(String settings) {
        List<Given> given = new ArrayList<>();
        for (String one : settings.isBlank() ? new String[0] : settings.strip().split(" & ")) {
            int equals = one.indexOf('=');
            given.add(
                    equals < 0
                            ? new Given(one, "true")
                            : new Given(one.substring(0, equals), one.substring(equals + 1)));
        }
        return given;
    }

    private static String run(String kind, String settings) {
        StepKind step = StepKinds.named(kind);
        return TestTable.run(TABLE, step.step(Values.of(step, given(settings)), List.of()));
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            cut ¦ column=Voices & at=;                         ¦ No|Voices|Voices 1|Voices 2|Voices 3|Name/7|Alto;Bass|Alto|Bass||Ines Brandt/8|Tenor|Tenor|||WREN MARLOW/30|Alto;;Tenor|Alto||Tenor|Ada Okonedo
            cut ¦ column=Voices & at=; & once                  ¦ No|Voices|Voices 1|Voices 2|Name/7|Alto;Bass|Alto|Bass|Ines Brandt/8|Tenor|Tenor||WREN MARLOW/30|Alto;;Tenor|Alto|Tenor|Ada Okonedo
            cut ¦ column=Voices & at=; & drop-empty & into-rows ¦ No|Voices|Voices piece|Voices number|Name/7|Alto;Bass|Alto|1|Ines Brandt/7|Alto;Bass|Bass|2|Ines Brandt/8|Tenor|Tenor|1|WREN MARLOW/30|Alto;;Tenor|Alto|1|Ada Okonedo/30|Alto;;Tenor|Tenor|2|Ada Okonedo
            cut ¦ column=Voices & at=; & at-most=1 & titles=A,B ¦ No|Voices|A|B|Name/7|Alto;Bass|Alto|Bass|Ines Brandt/8|Tenor|Tenor||WREN MARLOW/30|Alto;;Tenor|Alto|;Tenor|Ada Okonedo
            cut ¦ column=Voices & at=; & at-most=1 & from-right & into=2 ¦ No|Voices|Voices 1|Voices 2|Name/7|Alto;Bass|Alto|Bass|Ines Brandt/8|Tenor|Tenor||WREN MARLOW/30|Alto;;Tenor|Alto;|Tenor|Ada Okonedo
            cut ¦ column=Voices & at=; & into=2 & fill=right   ¦ No|Voices|Voices 1|Voices 2|Name/7|Alto;Bass|Alto|Bass|Ines Brandt/8|Tenor||Tenor|WREN MARLOW/30|Alto;;Tenor|Alto;|Tenor|Ada Okonedo
            cut ¦ column=3 & at=\\t                             ¦ No|Voices|Name|Name 1/7|Alto;Bass|Ines Brandt|Ines Brandt/8|Tenor|WREN MARLOW|WREN MARLOW/30|Alto;;Tenor|Ada Okonedo|Ada Okonedo
            take ¦ column=Voices & at=; & piece=-1             ¦ No|Voices|Voices taken|Name/7|Alto;Bass|Bass|Ines Brandt/8|Tenor|Tenor|WREN MARLOW/30|Alto;;Tenor|Tenor|Ada Okonedo
            take ¦ column=Voices & at=; & piece=2 & else=none & title=Second ¦ No|Voices|Second|Name/7|Alto;Bass|Bass|Ines Brandt/8|Tenor|none|WREN MARLOW/30|Alto;;Tenor||Ada Okonedo
            take ¦ column=Voices & at=; & piece=1 & to=2 & title=T ¦ No|Voices|T|Name/7|Alto;Bass|Alto;Bass|Ines Brandt/8|Tenor|Tenor|WREN MARLOW/30|Alto;;Tenor|Alto;|Ada Okonedo
            take ¦ column=Name & words=1 & title=W             ¦ No|Voices|Name|W/7|Alto;Bass|Ines Brandt|Ines/8|Tenor|WREN MARLOW|WREN/30|Alto;;Tenor|Ada Okonedo|Ada
            take ¦ column=Name & words=-1 & title=W            ¦ No|Voices|Name|W/7|Alto;Bass|Ines Brandt|Brandt/8|Tenor|WREN MARLOW|MARLOW/30|Alto;;Tenor|Ada Okonedo|Okonedo
            take ¦ column=Name & characters=2 & title=C        ¦ No|Voices|Name|C/7|Alto;Bass|Ines Brandt|In/8|Tenor|WREN MARLOW|WR/30|Alto;;Tenor|Ada Okonedo|Ad
            take ¦ column=Name & characters=-2 & title=C       ¦ No|Voices|Name|C/7|Alto;Bass|Ines Brandt|dt/8|Tenor|WREN MARLOW|OW/30|Alto;;Tenor|Ada Okonedo|do
            take ¦ column=Voices & at=; & before=1 & title=B   ¦ No|Voices|B|Name/7|Alto;Bass|Alto|Ines Brandt/8|Tenor||WREN MARLOW/30|Alto;;Tenor|Alto|Ada Okonedo
            take ¦ column=Voices & at=; & after=1 & title=A    ¦ No|Voices|A|Name/7|Alto;Bass|Bass|Ines Brandt/8|Tenor||WREN MARLOW/30|Alto;;Tenor|;Tenor|Ada Okonedo
            match ¦ column=Name & find=[A-Z]{2,} & test & title=T ¦ No|Voices|Name|T/7|Alto;Bass|Ines Brandt|no/8|Tenor|WREN MARLOW|yes/30|Alto;;Tenor|Ada Okonedo|no
            match ¦ column=Name & find=(\\w)\\w* & put=$1 & title=I ¦ No|Voices|Name|I/7|Alto;Bass|Ines Brandt|I B/8|Tenor|WREN MARLOW|W M/30|Alto;;Tenor|Ada Okonedo|A O
            match ¦ column=No & ready=numbers                  ¦ No|No found|Voices|Name/7|7|Alto;Bass|Ines Brandt/8|8|Tenor|WREN MARLOW/30|30|Alto;;Tenor|Ada Okonedo
            mask ¦ column=Name & show-last=1                   ¦ No|Voices|Name/7|Alto;Bass|**** *****t/8|Tenor|**** *****W/30|Alto;;Tenor|*** ******o
            mask ¦ column=No & column=Name & digits            ¦ No|Voices|Name/*|Alto;Bass|Ines Brandt/*|Tenor|WREN MARLOW/**|Alto;;Tenor|Ada Okonedo
            mask ¦ column=Name & letters & only=^Ada           ¦ No|Voices|Name/7|Alto;Bass|Ines Brandt/8|Tenor|WREN MARLOW/30|Alto;;Tenor|*** Okonedo
            tidy ¦ column=Name & what=name-case                ¦ No|Voices|Name|Name tidied/7|Alto;Bass|Ines Brandt|Ines Brandt/8|Tenor|WREN MARLOW|Wren Marlow/30|Alto;;Tenor|Ada Okonedo|Ada Okonedo
            tidy ¦ column=Voices & what=lower                  ¦ No|Voices|Voices tidied|Name/7|Alto;Bass|alto;bass|Ines Brandt/8|Tenor|tenor|WREN MARLOW/30|Alto;;Tenor|alto;;tenor|Ada Okonedo
            combine ¦ column=No & column=Name & title=Key      ¦ No|Voices|Name|Key/7|Alto;Bass|Ines Brandt|7 Ines Brandt/8|Tenor|WREN MARLOW|8 WREN MARLOW/30|Alto;;Tenor|Ada Okonedo|30 Ada Okonedo
            combine ¦ column=Name & column=No & with=: & prefix=( & suffix=) & title=K ¦ No|Voices|Name|K/7|Alto;Bass|Ines Brandt|(Ines Brandt:7)/8|Tenor|WREN MARLOW|(WREN MARLOW:8)/30|Alto;;Tenor|Ada Okonedo|(Ada Okonedo:30)
            group ¦ column=Name                                ¦ Name together|Rows/Ines Brandt, WREN MARLOW and Ada Okonedo|3
            group ¦ column=Name & with=; & sorted              ¦ Name together|Rows/Ada Okonedo;Ines Brandt;WREN MARLOW|3
            group ¦ column=No & most=1 & locale=de             ¦ No together|Rows/7 … und 2 weitere|3
            sort ¦ by-number-falling=No                        ¦ No|Voices|Name/30|Alto;;Tenor|Ada Okonedo/8|Tenor|WREN MARLOW/7|Alto;Bass|Ines Brandt
            sort ¦ by=No                                       ¦ No|Voices|Name/30|Alto;;Tenor|Ada Okonedo/7|Alto;Bass|Ines Brandt/8|Tenor|WREN MARLOW
            sort ¦ by-falling=Name                             ¦ No|Voices|Name/8|Tenor|WREN MARLOW/7|Alto;Bass|Ines Brandt/30|Alto;;Tenor|Ada Okonedo
            sort ¦ by-number=No                                ¦ No|Voices|Name/7|Alto;Bass|Ines Brandt/8|Tenor|WREN MARLOW/30|Alto;;Tenor|Ada Okonedo
            columns ¦ drop=Voices & rename=No=Number           ¦ Number|Name/7|Ines Brandt/8|WREN MARLOW/30|Ada Okonedo
            columns ¦ first=Name & last=No                     ¦ Name|Voices|No/Ines Brandt|Alto;Bass|7/WREN MARLOW|Tenor|8/Ada Okonedo|Alto;;Tenor|30
            columns ¦ keep=Name & keep=No                      ¦ Name|No/Ines Brandt|7/WREN MARLOW|8/Ada Okonedo|30
            count ¦ column=Voices                              ¦ Voices|Count|Share/Alto;;Tenor|1|33.3 %/Alto;Bass|1|33.3 %/Tenor|1|33.3 %
            duplicates ¦ by=Name                               ¦ No|Voices|Name|Duplicate group|Likeness
            split ¦ name=Name & parts=last & no-checks & titles=keys ¦ No|Voices|Name|last|remarks/7|Alto;Bass|Ines Brandt|Brandt|first: Ines/8|Tenor|WREN MARLOW|MARLOW|first: WREN/30|Alto;;Tenor|Ada Okonedo|Okonedo|first: Ada
            assemble ¦ make=A={Name} ({No})                    ¦ No|Voices|Name|A/7|Alto;Bass|Ines Brandt|Ines Brandt (7)/8|Tenor|WREN MARLOW|WREN MARLOW (8)/30|Alto;;Tenor|Ada Okonedo|Ada Okonedo (30)
            """)
    void doesWhatItsSettingsSay(String kind, String settings, String expected) {
        assertThat(run(kind, settings)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            split      ¦ no-checks                       ¦ give name or address with the column
            split      ¦ name=Name & titles=latin        ¦ There are no titles "latin"; there are english, keys
            split      ¦ name=Name & doubt-below=2       ¦ it goes from 0 to 1
            split      ¦ name=Name & country=Nowhere     ¦ Addresses of the country "Nowhere" are not read
            split      ¦ name=Name & words=none.txt      ¦ There is no file of words none.txt
            split      ¦ address=Name & standardise=x    ¦ There is no rule "x" for addresses
            assemble   ¦ home=GB                         ¦ Say what to make
            assemble   ¦ make=Name                       ¦ make takes a title, an equals sign and a pattern
            assemble   ¦ style=long                      ¦ A style needs a language; give locale
            assemble   ¦ ready=fulll                     ¦ did you mean full?
            sort       ¦ locale=de                       ¦ Say what to sort by
            columns    ¦ rename=No                       ¦ rename takes the old title
            mask       ¦ column=No & pseudonyms          ¦ Pseudonyms need a key
            mask       ¦ column=No & pseudonyms & key-variable=INKWELL_NO_SUCH ¦ There is no environment variable INKWELL_NO_SUCH
            mask       ¦ column=No & pseudonyms & key-file=none ¦ The key file none cannot be read
            mask       ¦ column=No & show-last=-1        ¦ -1
            match      ¦ column=No & ready=x             ¦ There is no ready-made expression "x"
            tidy       ¦ column=No & what=polish         ¦ There is no tidying "polish"
            cut        ¦ column=No & at=                 ¦ A separator is empty
            take       ¦ column=No & piece=0             ¦ 0 is not the number of a piece
            group      ¦ column=No & most=0              ¦ give 1 or more
            """)
    void whatCannotBeIsRefusedInASentence(String kind, String settings, String sentence) {
        assertThatThrownBy(() -> run(kind, settings))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void pseudonymsAreStableUnderTheirKey() throws IOException {
        Path key = Files.writeString(folder.resolve("key"), "a key that nobody guesses\n");
        String settings = "column=Name & pseudonyms & key-file=" + key;
        String once = run("mask", settings);
        assertThat(run("mask", settings)).isEqualTo(once).doesNotContain("Brandt", "MARLOW");
        Files.writeString(key, "another key that nobody guesses\n");
        assertThat(run("mask", settings)).isNotEqualTo(once);
    }
}
