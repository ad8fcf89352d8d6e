package io.inkwellsplit.table.sort;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.sort.SortKey.Direction;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.text.Collator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** Bytes sort as what they stand for. */
class SortKeyTest {
    private static byte[] key(SortKey key, Direction direction, String... texts) {
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        for (String text : texts) {
            key.add(text, direction, to);
        }
        return to.toByteArray();
    }

    private static int compared(SortKey key, Direction direction, String one, String other) {
        return Integer.signum(Arrays.compareUnsigned(key(key, direction, one), key(key, direction, other)));
    }

    private static List<String> sorted(SortKey key, Direction direction, String... texts) {
        List<String> list = new ArrayList<>(List.of(texts));
        list.sort((a, b) -> compared(key, direction, a, b));
        return list;
    }

    @Test
    void textsSortByTheirAlphabet() {
        assertThat(sorted(SortKey.text(Locale.ENGLISH), Direction.RISING, "Zoe", "ada", "Ada", "Örn", "Otto"))
                .containsExactly("ada", "Ada", "Örn", "Otto", "Zoe");
        assertThat(sorted(SortKey.text(Locale.forLanguageTag("sv")), Direction.RISING, "Örn", "Otto", "Zoe"))
                .containsExactly("Otto", "Zoe", "Örn");
        assertThat(sorted(SortKey.text(Locale.ENGLISH), Direction.FALLING, "Ada", "Zoe", ""))
                .containsExactly("Zoe", "Ada", "");
    }

    @Test
    void numbersSortBySizeAndOtherTextsLast() {
        assertThat(sorted(
                        SortKey.number(Locale.ENGLISH), Direction.RISING, "x", "10", "-3", "2.5", "2", "", "-20", "0"))
                .startsWith("-20", "-3", "0", "2", "2.5", "10");
        assertThat(compared(SortKey.number(Locale.ENGLISH), Direction.RISING, "007", "7"))
                .isZero();
        assertThat(compared(SortKey.number(Locale.ENGLISH), Direction.RISING, " 7 ", "7"))
                .isZero();
    }

    @Test
    void theFirstKeyThatDiffersDecides() {
        SortKey exact = SortKey.exact();
        byte[] one = key(exact, Direction.RISING, "a", "z");
        byte[] other = key(exact, Direction.RISING, "ab", "a");
        assertThat(Arrays.compareUnsigned(one, other)).isNegative();
    }

    @Property
    void exactKeysAreEqualForEqualTextsAlone(@ForAll String one, @ForAll String other) {
        boolean equal = Arrays.equals(
                key(SortKey.exact(), Direction.RISING, one), key(SortKey.exact(), Direction.RISING, other));
        boolean same = Arrays.equals(
                one.getBytes(java.nio.charset.StandardCharsets.UTF_8),
                other.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertThat(equal).isEqualTo(same);
    }

    @Property
    void numbersCompareAsNumbers(@ForAll int one, @ForAll int other) {
        int expected = Integer.signum(new BigDecimal(one).compareTo(new BigDecimal(other)));
        assertThat(compared(SortKey.number(Locale.ENGLISH), Direction.RISING, "" + one, "" + other))
                .isEqualTo(expected);
        assertThat(compared(SortKey.number(Locale.ENGLISH), Direction.FALLING, "" + one, "" + other))
                .isEqualTo(-expected);
    }

    @Property
    void fallingIsRisingTheOtherWay(@ForAll @Size(max = 12) String one, @ForAll @Size(max = 12) String other) {
        comparesAsTheAlphabetDoes(one, other);
    }

    /** Plain letters alone take a shorter way to the same bytes. */
    @Property
    void plainAndAccentedLettersSortTogether(
            @ForAll @StringLength(max = 6) @CharRange(from = ' ', to = '\u017F') String one,
            @ForAll @StringLength(max = 6) @CharRange(from = ' ', to = '~') String other) {
        comparesAsTheAlphabetDoes(one, other);
        comparesAsTheAlphabetDoes(other + one, other);
    }

    private static void comparesAsTheAlphabetDoes(String one, String other) {
        SortKey text = SortKey.text(Locale.ENGLISH);
        assertThat(compared(text, Direction.FALLING, one, other))
                .isEqualTo(-compared(text, Direction.RISING, one, other));
        Collator collator = Collator.getInstance(Locale.ENGLISH);
        collator.setStrength(Collator.TERTIARY);
        collator.setDecomposition(Collator.CANONICAL_DECOMPOSITION);
        assertThat(compared(text, Direction.RISING, one, other))
                .isEqualTo(Integer.signum(collator.getCollationKey(one).compareTo(collator.getCollationKey(other))));
    }
}
