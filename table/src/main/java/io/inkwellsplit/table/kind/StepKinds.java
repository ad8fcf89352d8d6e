package io.inkwellsplit.table.kind;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.List;
import java.util.Optional;

/** The kinds of steps that there are. */
public final class StepKinds {
    private static final List<StepKind> ALL = List.of(
            new SplitKind(),
            new AssembleKind(),
            new CutKind(),
            new TakeKind(),
            new MatchKind(),
            new MaskKind(),
            new TidyKind(),
            new CombineKind(),
            new GroupKind(),
            new ReplaceKind(),
            new RowsKind(),
            new SortKind(),
            new ColumnsKind(),
            new CountKind(),
            new DuplicatesKind());

    private StepKinds() {}

    /** {@return all of them, those used most first} */
    public static List<StepKind> all() {
        return ALL;
    }

    /**
     * {@return the kind of a name; empty where there is none}
     *
     * @param name its name
     */
    public static Optional<StepKind> of(String name) {
        return ALL.stream().filter(kind -> kind.name().equals(name)).findFirst();
    }

    /**
     * {@return the kind of a name}
     *
     * @param name its name
     * @throws TableException if there is none
     */
    public static StepKind named(String name) {
        List<String> names = ALL.stream().map(StepKind::name).toList();
        return of(name).orElseThrow(() -> new TableException(
                Problem.SETTING,
                "There is no step \"" + name + "\""
                        + Nearest.of(name, names)
                                .map(near -> "; did you mean " + near + "?")
                                .orElse("; there are " + String.join(", ", names) + ".")));
    }
}
