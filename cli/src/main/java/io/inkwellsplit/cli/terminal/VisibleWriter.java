package io.inkwellsplit.cli.terminal;

import io.inkwellsplit.table.VisibleText;
import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Passes on what is said to people; of control characters only ends of lines, tabs, and weights of type go through. */
public final class VisibleWriter extends FilterWriter {
    /** What bold, faint and italic letters, and the colours of parts, are turned on and off by. */
    private static final Pattern WEIGHTS =
            Pattern.compile("\u001B\\[(?:0;3[1-6]|(?:0|1|2|3|21|22|23|39|49)?(?:;(?:0|1|2|3|21|22|23|39|49))*)m");

    private final boolean weights;

    /** @param weights whether weights of type are shown */
    public VisibleWriter(Writer to, boolean weights) {
        super(to);
        this.weights = weights;
    }

    @Override
    public void write(int c) throws IOException {
        write(String.valueOf((char) c), 0, 1);
    }

    @Override
    public void write(char[] text, int from, int length) throws IOException {
        write(new String(text, from, length), 0, length);
    }

    @Override
    public void write(String text, int from, int length) throws IOException {
        String part = text.substring(from, from + length);
        if (!weights || part.indexOf('\u001B') < 0) {
            out.write(VisibleText.lines(part));
            return;
        }
        Matcher weight = WEIGHTS.matcher(part);
        int at = 0;
        while (weight.find()) {
            out.write(VisibleText.lines(part.substring(at, weight.start())));
            out.write(weight.group());
            at = weight.end();
        }
        out.write(VisibleText.lines(part.substring(at)));
    }
}
