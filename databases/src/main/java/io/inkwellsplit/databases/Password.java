package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.Console;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.EnumSet;
import java.util.Set;

/** Where a password comes from; it is asked for when it is needed, and kept nowhere. */
sealed interface Password {
    /** @throws TableException if it is not there */
    String get();

    /** In a variable of the environment. */
    record InEnvironment(String name) implements Password {
        @Override
        public String get() {
            String value = System.getenv(name);
            if (value == null) {
                throw new TableException(
                        Problem.SETTING, "The variable " + name + " of the environment, for the password, is not set.");
            }
            return value;
        }
    }

    /** In the first line of a file that nobody else can read. */
    record InFile(Path file) implements Password {
        @Override
        public String get() {
            try {
                if (isOpenToOthers()) {
                    throw new TableException(
                            Problem.SETTING,
                            file + " holds a password, and others can read it; take their rights away: chmod 600 "
                                    + file + ".");
                }
                return Files.readString(file).lines().findFirst().orElse("");
            } catch (IOException e) {
                throw new TableException(Problem.SETTING, "There is no file " + file + " to read a password from.", e);
            }
        }

        private boolean isOpenToOthers() throws IOException {
            if (!file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
                return false;
            }
            Set<PosixFilePermission> rights = EnumSet.copyOf(Files.getPosixFilePermissions(file));
            rights.removeAll(EnumSet.of(
                    PosixFilePermission.OWNER_READ,
                    PosixFilePermission.OWNER_WRITE,
                    PosixFilePermission.OWNER_EXECUTE));
            return !rights.isEmpty();
        }
    }

    /** Asked for at the terminal. */
    record Asked(String what) implements Password {
        @Override
        public String get() {
            Console console = System.console();
            char[] typed = console == null ? null : console.readPassword("Password for %s: ", what);
            if (typed == null) {
                throw new TableException(
                        Problem.SETTING,
                        what + " says that the password is asked for, and there is no terminal to ask at.");
            }
            return new String(typed);
        }
    }
}
