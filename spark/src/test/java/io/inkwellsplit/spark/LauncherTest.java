package io.inkwellsplit.spark;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher hands a job to {@code spark-submit}, or starts the same inside of one process. */
class LauncherTest {
    private static final String SHOW = "#!/bin/sh\nfor word in \"$@\"; do echo \"$word\"; done\n";

    @TempDir
    Path folder;

    private void program(String in, String name) throws IOException {
        Path file = Files.createDirectories(folder.resolve(in)).resolve(name);
        Files.writeString(file, SHOW);
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }

    private List<String> said(Map<String, String> surroundings, String... words) throws Exception {
        Path target = folder.resolve("target");
        Files.createDirectories(target.resolve("lib"));
        Files.writeString(target.resolve("inkwell-split-spark-1.jar"), "");
        Files.writeString(target.resolve("lib/one.jar"), "");
        Files.writeString(target.resolve("lib/two.jar"), "");
        Files.writeString(target.resolve("engine.path"), "engine.jar");
        ProcessBuilder builder = new ProcessBuilder("../inkwell-spark").redirectErrorStream(true);
        builder.command().addAll(List.of(words));
        builder.environment().remove("SPARK_HOME");
        builder.environment().put("PATH", "/usr/bin:/bin");
        builder.environment().put("INKWELL_SPARK_TARGET", target.toString());
        builder.environment().putAll(surroundings);
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said.lines().toList();
    }

    @Test
    void aSubmitThatIsInstalledTakesTheOptionsTheJarAndTheJob() throws Exception {
        program("spark/bin", "spark-submit");
        List<String> said = said(
                Map.of("SPARK_HOME", folder.resolve("spark").toString()),
                "--master",
                "spark://harbour:7077",
                "my register.yaml");
        String target = folder.resolve("target").toString();
        assertThat(said)
                .containsSequence(
                        "--class",
                        "io.inkwellsplit.spark.SparkJob",
                        "--jars",
                        target + "/lib/one.jar," + target + "/lib/two.jar,")
                .endsWith(
                        "--master", "spark://harbour:7077", target + "/inkwell-split-spark-1.jar", "my register.yaml");
    }

    @Test
    void withoutOneItIsStartedInsideOfOneProcess() throws Exception {
        program("jdk/bin", "java");
        List<String> said = said(Map.of("JAVA_HOME", folder.resolve("jdk").toString()), "register.yaml");
        String target = folder.resolve("target").toString();
        assertThat(said)
                .containsSequence(
                        "-cp",
                        target + "/inkwell-split-spark-1.jar:" + target + "/lib/*:engine.jar",
                        "org.apache.spark.deploy.SparkSubmit")
                .endsWith(target + "/inkwell-split-spark-1.jar", "register.yaml");
    }

    @Test
    void itTellsHowItIsUsed() throws Exception {
        assertThat(said(Map.of(), "--help")).first().asString().startsWith("Usage: inkwell-spark");
    }
}
