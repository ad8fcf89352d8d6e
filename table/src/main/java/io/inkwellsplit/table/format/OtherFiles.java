package io.inkwellsplit.table.format;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.file.Packing;
import io.inkwellsplit.table.file.Packings;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipException;

/** Files that hold a table in another way, or none, and what to do about them: nothing is read as what it is not. */
final class OtherFiles {
    private static final String SAVE = "open it in a spreadsheet program and save it as .xlsx or .csv";
    private static final Map<String, String> WHAT_TO_DO = Map.of(
            ".xls", "is an old spreadsheet; " + SAVE,
            ".xlsb", "is a binary spreadsheet; " + SAVE,
            ".numbers", "is a spreadsheet of another kind; " + SAVE,
            ".pdf", "is a page, and no table; name a file in .csv or .xlsx",
            ".doc", "is a letter, and no table; name a file in .csv or .xlsx",
            ".docx", "is a letter, and no table; name a file in .csv or .xlsx",
            ".zip", "is packed; unpack it first",
            ".zst", "is packed by zstd, which the module inkwell-split-sheets reads and writes",
            ".parquet", "is columnar; the module inkwell-split-parquet reads and writes it");

    /** What text never begins with, and what it is. */
    private static final List<Map.Entry<byte[], String>> BEGINNINGS = List.of(
            Map.entry(new byte[] {'P', 'K', 3, 4}, "is packed like a spreadsheet; name it .xlsx or .ods, or unpack it"),
            Map.entry(new byte[] {0x1f, (byte) 0x8b}, "is packed by gzip; give it the ending .gz"),
            Map.entry(new byte[] {0x28, (byte) 0xb5, 0x2f, (byte) 0xfd}, "is packed by zstd; give it the ending .zst"),
            Map.entry(new byte[] {'%', 'P', 'D', 'F'}, "is a PDF, and no table"),
            Map.entry(new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0}, "is an old binary file; " + SAVE),
            Map.entry(new byte[] {'P', 'A', 'R', '1'}, "is a Parquet file, whatever its name says"));

    private OtherFiles() {}

    /** @throws TableException if the name of a file ends in what is no table here */
    static void check(Path file, Problem problem) {
        String name = Packings.unpackedName(file).toString().toLowerCase(Locale.ROOT);
        WHAT_TO_DO.forEach((ending, what) -> {
            if (name.endsWith(ending)) {
                throw new TableException(
                        problem,
                        problem == Problem.INPUT
                                ? file + " " + what + "."
                                : file + " cannot be written: a file in " + ending + " " + what + ".");
            }
        });
    }

    /** @throws TableException if a file that should be text begins as another file does */
    static void checkText(InputFile file) {
        try (InputStream in = file.open()) {
            byte[] first = in.readNBytes(4);
            for (Map.Entry<byte[], String> beginning : BEGINNINGS) {
                byte[] known = beginning.getKey();
                boolean same = first.length >= known.length;
                for (int i = 0; same && i < known.length; i++) {
                    same = first[i] == known[i];
                }
                if (same) {
                    throw new TableException(Problem.INPUT, file.name() + " " + beginning.getValue() + ".");
                }
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
        }
    }

    /** Returns what is packed in a file. */
    static InputFile unpacked(Path file, Packing packing) {
        try (InputStream in = packing.unpacking(Files.newInputStream(file))) {
            return InputFile.of(file.toString(), in);
        } catch (NoSuchFileException e) {
            throw new TableException(Problem.INPUT, "There is no file " + file + "; check the name and the folder.", e);
        } catch (ZipException | EOFException e) {
            throw new TableException(
                    Problem.INPUT,
                    file + " is not packed by " + packing.name() + ", whatever its name says, or it is cut off.",
                    e);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
    }
}
