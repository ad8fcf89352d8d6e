package io.inkwellsplit.table.step;

import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.sort.SortKey.Direction;
import java.io.ByteArrayOutputStream;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;

/** Makes the keys by which rows are brought together. */
final class Keys {
    private static final SortKey EXACT = SortKey.exact();

    private Keys() {}

    /** Returns a key that only rows with the same texts in some columns share. */
    static byte[] exact(List<String> cells, List<Integer> columns) {
        ByteArrayOutputStream key = new ByteArrayOutputStream();
        columns.forEach(column -> EXACT.add(cells.get(column), Direction.RISING, key));
        return key.toByteArray();
    }

    /** Returns letters and digits alone, small and without marks: what people mean by the same name. */
    static String folded(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFKD).toLowerCase(Locale.ROOT);
        StringBuilder out = new StringBuilder(plain.length());
        plain.codePoints().filter(Character::isLetterOrDigit).forEach(out::appendCodePoint);
        return out.toString();
    }
}
