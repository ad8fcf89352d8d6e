package io.inkwellsplit.cli;

import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.piece.Take;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.TakeStep;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Takes one piece out of a column. */
@Command(
        name = "take",
        description = "Takes one piece out of a column into a new column: by its number at a separator, as words or "
                + "characters, or before or after a separator. Numbers count from 1, and from -1 at the right.",
        mixinStandardHelpOptions = true)
final class TakeCommand extends TableCommand {
    @Mixin
    ColumnOption column = new ColumnOption();

    @Option(
            names = "--at",
            paramLabel = "TEXT",
            description = "The separator of --piece, --before and --after; repeatable. Default: a comma.")
    List<String> at = new ArrayList<>();

    @ArgGroup(multiplicity = "1")
    What what = new What();

    /** What is taken. */
    static final class What {
        @Option(names = "--piece", paramLabel = "N", description = "The piece of a number.")
        @Nullable Integer piece;

        @Option(names = "--words", paramLabel = "N", description = "The first N words; with -N the last.")
        @Nullable Integer words;

        @Option(
                names = "--characters",
                paramLabel = "N",
                description = "The first N characters, as people count them; with -N the last.")
        @Nullable Integer characters;

        @Option(names = "--before", paramLabel = "N", description = "What stands before the Nth separator.")
        @Nullable Integer before;

        @Option(names = "--after", paramLabel = "N", description = "What stands after the Nth separator.")
        @Nullable Integer after;
    }

    @Option(names = "--to", paramLabel = "M", description = "With --piece: all pieces up to this one.")
    @Nullable Integer to;

    @Option(names = "--else", paramLabel = "TEXT", description = "What to write where there is no such piece.")
    String orElse = "";

    @Option(names = "--title", paramLabel = "TITLE", description = "The title of the new column.")
    String title = "";

    @Override
    List<? extends Step> steps() {
        Take take = setting(this::take).orElse(orElse);
        return List.of(TakeStep.of(column.title, take).titled(title));
    }

    private Take take() {
        Cutter cutter =
                Cutter.at(at.isEmpty() ? new String[] {","} : Separators.of(at)).blanks(Cutter.Blanks.TRIM);
        if (what.piece != null) {
            return Take.pieces(cutter, what.piece, to == null ? what.piece : to);
        }
        if (what.words != null) {
            return what.words < 0 ? Take.lastWords(-what.words) : Take.firstWords(what.words);
        }
        if (what.characters != null) {
            return what.characters < 0 ? Take.lastCharacters(-what.characters) : Take.firstCharacters(what.characters);
        }
        if (what.before != null) {
            return Take.before(cutter, what.before);
        }
        return Take.after(cutter, what.after == null ? 0 : what.after);
    }
}
