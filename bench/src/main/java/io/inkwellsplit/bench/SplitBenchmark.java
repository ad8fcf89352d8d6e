package io.inkwellsplit.bench;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.training.LabelFile;
import io.inkwellsplit.training.Labelled;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
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
import org.openjdk.jmh.infra.Blackhole;

/** How long one name and one address take, warm, on one thread, over the demo register. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(3)
@Warmup(iterations = 8, time = 2)
@Measurement(iterations = 5, time = 2)
public class SplitBenchmark {
    private static final Path LABELS = Path.of(System.getProperty("inkwell.root", "."), "demo", "labels");

    private String[] names = {};
    private String[] addresses = {};
    private String[] anyAddresses = {};
    private NameSplitter nameSplitter = NameSplitter.standard();
    private final AddressSplitter addressSplitter = AddressSplitter.standard();
    private int next;

    @Setup
    public void setUp() {
        names = texts("sign-ups-Singer", "members-Member", "box-office-Patron");
        anyAddresses = texts("box-office-Address");
        addresses = LabelFile.read(LABELS.resolve("box-office-Address.csv")).stream()
                .filter(row -> !row.format().equals("abroad"))
                .map(Labelled::text)
                .toArray(String[]::new);
        nameSplitter = NameSplitter.standard().learn(List.of(names));
    }

    private static String[] texts(String... lists) {
        return Stream.of(lists)
                .flatMap(list -> LabelFile.read(LABELS.resolve(list + ".csv")).stream())
                .map(Labelled::text)
                .toArray(String[]::new);
    }

    /** Reads one name. */
    @Benchmark
    public Reading<NamePart> name() {
        next = next + 1 == names.length ? 0 : next + 1;
        return nameSplitter.split(names[next]);
    }

    /** Reads one name and takes its usual parts as text. */
    @Benchmark
    public void nameParts(Blackhole hole) {
        next = next + 1 == names.length ? 0 : next + 1;
        Reading<NamePart> reading = nameSplitter.split(names[next]);
        for (var part : io.inkwellsplit.table.split.Subject.NAME.usualParts()) {
            hole.consume(reading.text((NamePart) part));
        }
    }

    /** Reads one address of any country. */
    @Benchmark
    public Reading<AddressPart> addressAnywhere() {
        next = next + 1 >= anyAddresses.length ? 0 : next + 1;
        return addressSplitter.split(anyAddresses[next]);
    }

    /** Reads one address of the United States or the United Kingdom. */
    @Benchmark
    public Reading<AddressPart> address() {
        next = next + 1 >= addresses.length ? 0 : next + 1;
        return addressSplitter.split(addresses[next]);
    }
}
