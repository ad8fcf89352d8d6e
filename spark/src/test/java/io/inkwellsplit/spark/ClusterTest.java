package io.inkwellsplit.spark;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.jar.JarOutputStream;
import java.util.jar.Manifest;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SparkSession;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A master and two workers as processes of their own on this machine; one worker is killed in the middle. */
class ClusterTest {
    private static final Pattern MASTER = Pattern.compile("Starting Spark master at (spark://\\S+)");
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(90);

    @TempDir
    Path folder;

    private final List<Process> processes = new ArrayList<>();

    @AfterEach
    void stopAll() throws InterruptedException {
        for (Process process : processes) {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly().waitFor();
        }
    }

    private static List<String> classPath() {
        return List.of(System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"))
                .split(System.getProperty("path.separator")));
    }

    /** The engine looks for its jars in a folder. */
    private Path home() throws IOException {
        Path jars = Files.createDirectories(folder.resolve("home/jars"));
        for (String entry : classPath()) {
            if (entry.endsWith(".jar")) {
                Path jar = Path.of(entry).toAbsolutePath();
                Path link = jars.resolve(jar.getFileName());
                if (!Files.exists(link)) {
                    Files.createSymbolicLink(link, jar);
                }
            }
        }
        return folder.resolve("home");
    }

    private Path start(String name, Path home, String... args) throws IOException {
        return start(name, home, home.resolve("jars") + "/*", args);
    }

    private Path start(String name, Path home, String path, String[] args) throws IOException {
        Path log = folder.resolve(name + ".log");
        List<String> command = new ArrayList<>(
                List.of(ProcessHandle.current().info().command().orElse("java"), "-Xmx512m", "-cp", path));
        command.addAll(List.of(args));
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile());
        builder.environment().put("SPARK_HOME", home.toString());
        builder.environment().put("SPARK_SCALA_VERSION", "2.13");
        builder.environment().put("SPARK_LOCAL_IP", "127.0.0.1");
        processes.add(builder.start());
        return log;
    }

    private static String awaited(Path log, Pattern pattern) throws IOException, InterruptedException {
        long end = System.nanoTime() + PATIENCE;
        while (System.nanoTime() < end) {
            Matcher matcher = pattern.matcher(Files.readString(log));
            if (matcher.find()) {
                return matcher.groupCount() > 0 ? matcher.group(1) : "";
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new AssertionError("never said: " + pattern + "\n" + Files.readString(log));
    }

    private Path list() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("../demo/box-office.csv"));
        List<String> more = new ArrayList<>(lines.subList(0, 1));
        for (int i = 0; i < 40; i++) {
            more.addAll(lines.subList(1, lines.size()));
        }
        return Files.write(folder.resolve("list.csv"), more);
    }

    private static List<String> split(SparkSession session, Path list, Runnable whenLearned) {
        Dataset<Row> rows = session.read()
                .option("header", true)
                .option("escape", "\"")
                .option("emptyValue", "")
                .option("nullValue", "\u0000")
                .csv(list.toString())
                .repartition(8);
        Dataset<Row> split = SplitColumns.of().name("Patron").address("Address").split(rows);
        whenLearned.run();
        return split.collectAsList().stream()
                .map(row -> String.join("|", ChainOnSpark.cells(row)))
                .sorted()
                .collect(Collectors.toList());
    }

    @Test
    void aClusterGivesTheSameAndGoesOnWhereAWorkerIsKilled() throws Exception {
        Path home = home();
        Path log = start(
                "master",
                home,
                "org.apache.spark.deploy.master.Master",
                "--host",
                "127.0.0.1",
                "--port",
                "0",
                "--webui-port",
                "0");
        String master = awaited(log, MASTER);
        for (String worker : List.of("one", "two")) {
            Path said = start(
                    worker,
                    home,
                    "org.apache.spark.deploy.worker.Worker",
                    "--host",
                    "127.0.0.1",
                    "--cores",
                    "1",
                    "--memory",
                    "900m",
                    "--webui-port",
                    "0",
                    "--work-dir",
                    folder.resolve(worker).toString(),
                    master);
            awaited(said, Pattern.compile("Successfully registered with master"));
        }
        Path list = list();
        String own = classPath().stream()
                .map(entry -> Path.of(entry).toAbsolutePath())
                .filter(path -> Files.isDirectory(path) || path.toString().contains("inkwell-split"))
                .map(Path::toString)
                .collect(Collectors.joining(":"));
        List<String> onCluster;
        try (SparkSession session = settings(SparkSession.builder().master(master))
                .config("spark.executor.memory", "600m")
                .config("spark.executor.extraClassPath", own)
                .config("spark.task.maxFailures", 8)
                .getOrCreate()) {
            Process killed = processes.get(1);
            onCluster = split(session, list, () -> {
                Stream.concat(killed.descendants(), Stream.of(killed.toHandle()))
                        .forEach(ProcessHandle::destroyForcibly);
            });
            assertThat(killed.waitFor(30, TimeUnit.SECONDS)).isTrue();
        }
        String said = submitted(home, master, own, list);
        List<String> inside;
        try (SparkSession session =
                settings(SparkSession.builder().master("local[1]")).getOrCreate()) {
            inside = split(session, list, () -> {});
        }
        assertThat(onCluster).hasSize(40 * 152).isEqualTo(inside);
        assertThat(said).contains("Rows: 6080, out: ", "Patron: ", "Likely duplicates: rows ", "Written: ");
        assertThat(folder.resolve("doubles.csv/_SUCCESS")).exists();
    }

    /** Hands a job in as anybody does who has a cluster; returns what it says. */
    private String submitted(Path home, String master, String own, Path list) throws Exception {
        Path job = Files.writeString(
                folder.resolve("job.yaml"),
                "input: {file: " + list + "}\nsteps:\n  - split: {name: Patron}\n"
                        + "  - duplicates: {by: [Last name, First name]}\noutput: {file: doubles.csv}\n");
        // The classes come by the path; the engine wants a jar to begin with all the same.
        Path jar = folder.resolve("nothing.jar");
        new JarOutputStream(Files.newOutputStream(jar), new Manifest()).close();
        Path log = start("submit", home, home.resolve("jars") + "/*:" + own, new String[] {
            "org.apache.spark.deploy.SparkSubmit",
            "--master",
            master,
            "--class",
            "io.inkwellsplit.spark.SparkJob",
            "--conf",
            "spark.executor.extraClassPath=" + own,
            "--conf",
            "spark.driver.host=127.0.0.1",
            "--conf",
            "spark.driver.bindAddress=127.0.0.1",
            "--conf",
            "spark.ui.enabled=false",
            "--executor-memory",
            "600m",
            jar.toString(),
            job.toString()
        });
        Process submit = processes.get(processes.size() - 1);
        assertThat(submit.waitFor(3, TimeUnit.MINUTES)).isTrue();
        String said = Files.readString(log);
        assertThat(submit.exitValue()).as(said).isZero();
        return said;
    }

    private static SparkSession.Builder settings(SparkSession.Builder builder) {
        return builder.config("spark.ui.enabled", false)
                .config("spark.driver.host", "127.0.0.1")
                .config("spark.driver.bindAddress", "127.0.0.1")
                .config("spark.sql.shuffle.partitions", 2);
    }
}
