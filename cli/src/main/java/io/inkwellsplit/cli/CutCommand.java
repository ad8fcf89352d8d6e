package io.inkwellsplit.cli;

import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.table.step.CutStep;
import io.inkwellsplit.table.step.CutStep.Fill;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Cuts a column at separators. */
@Command(
        name = "cut",
        description = "Cuts a column at separators, into columns behind it or into rows. Without --at the likely "
                + "separator is found.",
        mixinStandardHelpOptions = true)
final class CutCommand extends TableCommand {
    @Mixin
    ColumnOption column = new ColumnOption();

    @Option(
            names = "--at",
            paramLabel = "TEXT",
            description = "A separator of one character or more; repeatable for any of several. \\t is a tab.")
    List<String> at = new ArrayList<>();

    @Option(names = "--once", description = "Separators in a row cut once; otherwise each leaves an empty piece.")
    boolean once;

    @Option(names = "--drop-empty", description = "Leave empty pieces out.")
    boolean dropEmpty;

    @Option(names = "--trim", description = "Take blanks off the ends of pieces; done in any case without --at.")
    boolean trim;

    @Option(names = "--at-most", paramLabel = "CUTS", description = "Cut so often at most; the rest stays whole.")
    @Nullable Integer atMost;

    @Option(names = "--from-right", description = "Count cuts from the right.")
    boolean fromRight;

    @Option(names = "--inside", paramLabel = "WHAT", description = "Do not cut inside of: quotes, brackets or both.")
    Cutter.Respect inside = Cutter.Respect.NOTHING;

    @Option(names = "--into-rows", description = "A row for each piece; the other columns are repeated.")
    boolean intoRows;

    @Option(
            names = "--into",
            paramLabel = "COLUMNS",
            description = "How many columns; the rest stays in the last one. Default: as many as the widest row needs.")
    @Nullable Integer into;

    @Option(
            names = "--fill",
            paramLabel = "SIDE",
            description =
                    "Where pieces stand when there are fewer than columns: left, right, or ends (the last piece in "
                            + "the last column).")
    Fill fill = Fill.LEFT;

    @Option(names = "--titles", paramLabel = "TITLES", split = ",", description = "The titles of the new columns.")
    List<String> titles = new ArrayList<>();

    @Option(names = "--titles-from-header", description = "Cut the column's own title for the titles.")
    boolean titlesFromHeader;

    @Override
    List<? extends Step> steps() {
        CutStep step = at.isEmpty()
                ? CutStep.atLikelySeparator(column.title, this::manner)
                : CutStep.of(column.title, setting(() -> manner(Cutter.at(Separators.of(at)))));
        step = step.fill(fill);
        step = intoRows ? step.intoRows() : step;
        step = into != null ? step.intoColumns(into) : step;
        step = titles.isEmpty() ? step : step.titled(titles);
        return List.of(titlesFromHeader ? step.titledByHeader() : step);
    }

    private Cutter manner(Cutter cutter) {
        Cutter made = cutter.respecting(inside);
        made = once ? made.runs(Cutter.Runs.CUT_ONCE) : made;
        made = dropEmpty ? made.empty(Cutter.Empty.DROP) : made;
        made = trim || at.isEmpty() ? made.blanks(Cutter.Blanks.TRIM) : made;
        return atMost == null ? made : made.atMost(atMost, fromRight ? Cutter.From.RIGHT : Cutter.From.LEFT);
    }
}
