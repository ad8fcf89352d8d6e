package io.inkwellsplit.table.sort;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.sort.SortKey.Direction;
import java.io.ByteArrayOutputStream;
import java.text.Collator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class RowSorterTest {
    private static byte[] key(SortKey kind, Direction direction, String... texts) {
        ByteArrayOutputStream key = new ByteArrayOutputStream();
        for (String text : texts) {
            kind.add(text, direction, key);
        }
        return key.toByteArray();
    }

    /** However much is spilled, the order is that of a stable sort in memory. */
    @Property(tries = 200)
    void sortsAsInMemory(
            @ForAll @Size(max = 60) List<@net.jqwik.api.constraints.AlphaChars String> texts,
            @ForAll @IntRange(min = 1, max = 2000) int room) {
        RowSorter sorter = new RowSorter(room);
        SortKey exact = SortKey.exact();
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            List<String> row = List.of(texts.get(i).toLowerCase(Locale.ROOT), Integer.toString(i), "é\n\"");
            rows.add(row);
            sorter.add(key(exact, Direction.RISING, row.get(0)), row);
        }
        List<List<String>> sorted = new ArrayList<>();
        sorter.drain((k, cells) -> sorted.add(cells));
        rows.sort(Comparator.comparing(row -> row.get(0)));
        assertThat(sorted).isEqualTo(rows);
    }

    /** Keys are compared as their texts are, the first one first, whatever characters are in them. */
    @Property(tries = 500)
    void keysCompareAsTexts(@ForAll String a, @ForAll String b, @ForAll String c) {
        Collator collator = Collator.getInstance(Locale.ENGLISH);
        collator.setDecomposition(Collator.CANONICAL_DECOMPOSITION);
        SortKey text = SortKey.text(Locale.ENGLISH);
        int byText = Integer.signum(collator.compare(a, b));
        byte[] left = key(text, Direction.RISING, a, c);
        byte[] right = key(text, Direction.RISING, b, c);
        assertThat(Integer.signum(Arrays.compareUnsigned(left, right))).isEqualTo(byText);
        byte[] fallingLeft = key(text, Direction.FALLING, a, c);
        byte[] fallingRight = key(text, Direction.FALLING, b, c);
        assertThat(Integer.signum(Arrays.compareUnsigned(fallingLeft, fallingRight)))
                .isEqualTo(-byText);
    }

    @Property(tries = 300)
    void numbersCompareBySize(@ForAll double a, @ForAll double b) {
        SortKey number = SortKey.number(Locale.ENGLISH);
        byte[] left =
                key(number, Direction.RISING, java.math.BigDecimal.valueOf(a).toPlainString());
        byte[] right =
                key(number, Direction.RISING, java.math.BigDecimal.valueOf(b).toPlainString());
        assertThat(Integer.signum(Arrays.compareUnsigned(left, right))).isEqualTo(Double.compare(a + 0.0, b + 0.0));
    }
}
