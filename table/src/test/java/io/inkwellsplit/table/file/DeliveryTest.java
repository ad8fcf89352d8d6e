package io.inkwellsplit.table.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files appear whole and together or not at all; links, rights, pipes and devices stay what they are. */
class DeliveryTest {
    private static final Delivery.Content NEW = stream -> stream.write("new".getBytes(StandardCharsets.UTF_8));

    @TempDir
    Path folder;

    private static void write(WhenThere whenThere, Path... files) {
        try (Delivery delivery = new Delivery(whenThere)) {
            for (Path file : files) {
                delivery.write(file, NEW);
            }
            delivery.publish();
        }
    }

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void nothingAppearsBeforeAllIsWritten() throws IOException {
        Path one = folder.resolve("one");
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            delivery.write(one, NEW);
            delivery.write(folder.resolve("two"), NEW);
            assertThat(names()).hasSize(2).noneMatch(name -> name.equals("one") || name.equals("two"));
            try (var parts = Files.list(folder)) {
                assertThat(parts).allSatisfy(part -> assertThat(rights(part)).isEqualTo("rw-------"));
            }
        }
        assertThat(names()).isEmpty();
        write(WhenThere.REFUSE, one, folder.resolve("two"));
        assertThat(names()).containsExactly("one", "two");
        assertThat(one).hasContent("new");
    }

    @Test
    void whatIsReplacedIsKeptOnceBesideTheNewOne() throws IOException {
        Path file = Files.writeString(folder.resolve("there.csv"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r-----"));
        write(WhenThere.REPLACE_AND_KEEP, file, folder.resolve("more"));
        assertThat(file).hasContent("new");
        assertThat(folder.resolve("there.csv.before")).hasContent("old");
        assertThat(rights(folder.resolve("there.csv.before"))).isEqualTo("rw-r-----");
        write(WhenThere.REPLACE_AND_KEEP, file);
        assertThat(folder.resolve("there.csv.before")).hasContent("new");
        assertThat(names()).containsExactly("more", "there.csv", "there.csv.before");
        try (Delivery delivery = new Delivery(WhenThere.REPLACE_AND_KEEP)) {
            delivery.write(file, stream -> stream.write('x'));
        }
        assertThat(file).hasContent("new");
        assertThat(names()).containsExactly("more", "there.csv", "there.csv.before");
    }

    /** A table of a database, as the delivery sees it. */
    private record Joined(List<String> told, boolean fails) implements Deliverable {
        @Override
        public String named() {
            return "a table";
        }

        @Override
        public void appear() {
            if (fails) {
                throw new TableException(TableException.Problem.OUTPUT, "The table cannot appear.");
            }
            told.add("appeared");
        }

        @Override
        public void discard() {
            told.add("discarded");
        }
    }

    @Test
    void whatIsNoFileAppearsLastAndFilesGoBackWhereItCannot() throws IOException {
        Path there = Files.writeString(folder.resolve("there"), "old");
        List<String> told = new ArrayList<>();
        for (boolean fails : new boolean[] {true, false}) {
            try (Delivery delivery = new Delivery(WhenThere.REPLACE)) {
                delivery.join(new Joined(told, fails));
                delivery.write(there, NEW);
                delivery.write(folder.resolve("more"), NEW);
                if (fails) {
                    assertThatThrownBy(delivery::publish).hasMessage("The table cannot appear.");
                    assertThat(there).hasContent("old");
                    assertThat(names()).doesNotContain("more");
                } else {
                    delivery.publish();
                }
            }
        }
        assertThat(told).containsExactly("discarded", "appeared", "discarded");
        assertThat(there).hasContent("new");
        assertThat(names()).containsExactly("more", "there");
    }

    private static String rights(Path file) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
    }

    @Test
    void aReplacedFileKeepsItsRights() throws IOException {
        Path file = Files.writeString(folder.resolve("there"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r-----"));
        assertThatThrownBy(() -> write(WhenThere.REFUSE, file)).hasMessageContaining("is there already");
        assertThat(file).hasContent("old");
        write(WhenThere.REPLACE, file);
        assertThat(file).hasContent("new");
        assertThat(rights(file)).isEqualTo("rw-r-----");
        assertThat(names()).containsExactly("there");
    }

    @Test
    void linksAreFollowed() throws IOException {
        Path real = Files.writeString(folder.resolve("real"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link"), Path.of("real"));
        write(WhenThere.REPLACE, link);
        assertThat(link).isSymbolicLink();
        assertThat(real).hasContent("new");
        Path dangling = Files.createSymbolicLink(folder.resolve("dangling"), Path.of("later"));
        write(WhenThere.REFUSE, dangling);
        assertThat(dangling).isSymbolicLink();
        assertThat(folder.resolve("later")).hasContent("new");
        Path circle = folder.resolve("circle");
        Files.createSymbolicLink(circle, circle);
        assertThatThrownBy(() -> write(WhenThere.REPLACE, circle)).isInstanceOf(TableException.class);
    }

    @Test
    void devicesAndPipesAreWrittenTo() throws IOException, InterruptedException {
        write(WhenThere.REFUSE, Path.of("/dev/null"));
        assertThat(Files.isRegularFile(Path.of("/dev/null"))).isFalse();
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor())
                .isZero();
        Path got = folder.resolve("got");
        Process reader = new ProcessBuilder("sh", "-c", "cat " + pipe + " > " + got).start();
        write(WhenThere.REPLACE, pipe);
        assertThat(reader.waitFor()).isZero();
        assertThat(got).hasContent("new");
        assertThat(Files.isRegularFile(pipe)).isFalse();
        assertThatThrownBy(() -> write(WhenThere.REPLACE, Path.of("/dev/full")))
                .hasMessageContaining("/dev/full cannot be written: No space left on device");
    }

    /** The second cannot appear, as somebody has put a folder in its place. */
    @Test
    void theFirstIsBroughtBackWhenTheSecondCannotAppear() throws IOException {
        Path old = Files.writeString(folder.resolve("a-old"), "old");
        Path fresh = folder.resolve("b-fresh");
        Path blocked = Files.writeString(folder.resolve("c-blocked"), "old");
        try (Delivery delivery = new Delivery(WhenThere.REPLACE)) {
            for (Path file : List.of(old, fresh, blocked)) {
                delivery.write(file, NEW);
            }
            Files.delete(blocked);
            Files.createDirectories(blocked.resolve("inside"));
            assertThatThrownBy(delivery::publish).hasMessageContaining("c-blocked cannot be written");
        }
        assertThat(old).hasContent("old");
        assertThat(fresh).doesNotExist();
        assertThat(names()).containsExactly("a-old", "c-blocked");
    }

    @Test
    void whatHasComeInTheMeantimeIsNotReplaced() throws IOException {
        Path file = folder.resolve("late");
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            delivery.write(file, NEW);
            Files.writeString(file, "somebody's");
            assertThatThrownBy(delivery::publish).hasMessageContaining("late cannot be written");
        }
        assertThat(file).hasContent("somebody's");
        assertThat(names()).containsExactly("late");
    }

    @Test
    void oneCommandWritesAFileOnce() {
        Path file = folder.resolve("twice");
        assertThatThrownBy(() -> write(WhenThere.REPLACE, file, folder.resolve("./twice")))
                .hasMessageContaining("is written already by the same command");
        assertThatThrownBy(() -> write(WhenThere.REPLACE, folder)).hasMessageContaining("is a folder");
        assertThatThrownBy(() -> write(WhenThere.REPLACE, folder.resolve("no/file")))
                .hasMessageContaining("There is no folder");
    }

    @Test
    void whatKilledRunsHaveLeftIsFound() throws IOException {
        Path left = Files.writeString(folder.resolve(".out.csv.0123456789abcdef.inkwell.part"), "half");
        Files.writeString(folder.resolve(".mine.part"), "not ours");
        FilePlan plan = new FilePlan(WhenThere.REFUSE);
        plan.writes("the output", folder.resolve("out.csv"));
        try (Delivery other = new Delivery(WhenThere.REFUSE)) {
            OutputStream running = other.start(folder.resolve("other.csv"));
            running.write(1);
            Path where = left.toRealPath();
            assertThat(plan.sweep()).containsExactly(where);
            assertThat(names()).hasSize(2).contains(".mine.part");
        }
    }

    @Test
    void aSpoolHasNoNameAndIsReadAgainAndAgain() throws IOException {
        try (Spool spool = Spool.create()) {
            try (OutputStream to = spool.writer()) {
                to.write("rows".getBytes(StandardCharsets.UTF_8));
            }
            assertThat(spool.reader().readAllBytes())
                    .isEqualTo(spool.reader().readAllBytes())
                    .hasSize(4);
            try (var files = Files.newDirectoryStream(Spool.folder(), ".rows.*.inkwell.spool")) {
                assertThat(files).isEmpty();
            }
        }
    }
}
