package io.inkwellsplit.bench;

import io.inkwellsplit.piece.Cutter;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long it takes to cut a list of sixty characters, beside looking at each of its characters. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(2)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
public class CutBenchmark {
    private final String list = "Ines Brandt, Tobias Marlow, Wren Okonedo, Odalys Pettibone II";
    private final Cutter comma = Cutter.at(", ");
    private final Cutter anyOf = Cutter.at(",", ";", "|").blanks(Cutter.Blanks.TRIM);

    /** Looks at each character: how many are letters. */
    @Benchmark
    public int scan() {
        int letters = 0;
        for (int i = 0; i < list.length(); i++) {
            letters += Character.isLetter(list.charAt(i)) ? 1 : 0;
        }
        return letters;
    }

    /** Cuts at one separator. */
    @Benchmark
    public List<String> cut() {
        return comma.cut(list);
    }

    /** Cuts at any of several, and trims. */
    @Benchmark
    public List<String> cutAtAnyOf() {
        return anyOf.cut(list);
    }
}
