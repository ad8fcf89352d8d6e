package io.inkwellsplit.bench;

import io.inkwellsplit.assemble.NameFormatter;
import io.inkwellsplit.assemble.NameStyle;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.training.LabelFile;
import io.inkwellsplit.training.Labelled;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long it takes to put one name of the demo register together, warm, on one thread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(2)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
public class AssembleBenchmark {
    private final ReadyPattern full = ReadyPattern.named("full");
    private final ReadyPattern index = ReadyPattern.named("index-core");
    private final NameFormatter formatter = NameFormatter.in(Locale.ENGLISH);
    private final NameStyle style = NameStyle.parse("long-formal");
    private List<PersonName> people = List.of();
    private int next;

    @Setup
    public void setUp() {
        Path labels = Path.of(System.getProperty("inkwell.root", "."), "demo", "labels");
        people = LabelFile.read(labels.resolve("members-Member.csv")).stream()
                .map(Labelled::text)
                .map(text -> PersonName.of(NameSplitter.standard().split(text)))
                .toList();
    }

    private PersonName person() {
        next = next + 1 == people.size() ? 0 : next + 1;
        return people.get(next);
    }

    /** A full name from a compiled pattern. */
    @Benchmark
    public String fullName() {
        return full.format(person());
    }

    /** An index entry with an initial, the particles set aside. */
    @Benchmark
    public String indexEntry() {
        return index.format(person());
    }

    /** A long formal name as English writes it. */
    @Benchmark
    public String inAStyle() {
        return formatter.format(person(), style);
    }
}
