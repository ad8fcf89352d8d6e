package io.inkwellsplit.spark;

import io.inkwellsplit.databases.SharedTable;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.CsvSource.Header;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.json.JsonSource;
import io.inkwellsplit.table.kind.Values;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.hadoop.fs.FileSystem;
import org.apache.spark.sql.Column;
import org.apache.spark.sql.DataFrameReader;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SparkSession;
import org.apache.spark.sql.types.ArrayType;
import org.apache.spark.sql.types.DataType;
import org.apache.spark.sql.types.DataTypes;
import org.apache.spark.sql.types.MapType;
import org.apache.spark.sql.types.StructField;
import org.apache.spark.sql.types.StructType;

/** The table that a job reads, by the engine's own readers, as it is read on one machine. */
final class TableToRead implements AutoCloseable {
    private final SparkSession session;
    private final Values settings;
    private final String name;
    private final Form form;
    private final Optional<SharedTable> shared;
    private final char separator;
    private final Dataset<Row> dataset;

    /** @throws TableException if there is none, or it cannot be read */
    TableToRead(SparkSession session, Values settings) {
        this.session = session;
        this.settings = settings;
        List<String> names = settings.texts("file");
        if (names.size() != 1 || names.get(0).equals("-") || names.get(0).indexOf('*') >= 0) {
            throw new TableException(
                    Problem.SETTING, "Name one table to be read; several files of one table go into one folder.");
        }
        this.name = names.get(0);
        this.form = Form.of(name, settings.text("format"));
        if (form == Form.DATABASE) {
            SharedTable table = SharedTable.toRead(Path.of(name));
            this.shared = Optional.of(table);
            this.separator = ',';
            try {
                this.dataset = rows(table);
                checkFlat(dataset);
            } catch (RuntimeException e) {
                table.close();
                throw e;
            }
            return;
        }
        this.shared = Optional.empty();
        checkThere();
        Optional<CsvSource> looked = form == Form.CSV ? look() : Optional.empty();
        try {
            this.separator = settings.text("separator")
                    .map(told -> told.equals("\\t") ? '\t' : told.charAt(0))
                    .or(() -> looked.map(source -> source.dialect().separator()))
                    .orElse(name.endsWith(".tsv") ? '\t' : ',');
            this.dataset = switch (form) {
                case CSV -> text(looked);
                case JSON -> json();
                default -> session.read().format(form.called()).load(name);
            };
            checkFlat(dataset);
        } finally {
            looked.ifPresent(CsvSource::close);
        }
    }

    Dataset<Row> dataset() {
        return dataset;
    }

    /** Returns what parts the cells of a text table. */
    char separator() {
        return separator;
    }

    /** Returns the titles of the columns. */
    List<String> titles() {
        return Stream.of(dataset.columns())
                .filter(title -> !title.equals(ChainOnSpark.UNFIT))
                .toList();
    }

    /** Returns the file or folder; none where a database is read. */
    Optional<String> file() {
        return form == Form.DATABASE ? Optional.empty() : Optional.of(name);
    }

    private void checkThere() {
        try {
            org.apache.hadoop.fs.Path path = new org.apache.hadoop.fs.Path(name);
            FileSystem files = path.getFileSystem(session.sparkContext().hadoopConfiguration());
            if (!files.exists(path)) {
                throw new TableException(
                        Problem.INPUT, "There is no file " + name + "; check the name and the folder.");
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, name + " cannot be read: " + e.getMessage(), e);
        }
    }

    /** Looks at a text table as one machine does, where it, or the first part of its folder, lies on this one. */
    private Optional<CsvSource> look() {
        Path path = Path.of(name);
        if (name.contains(":/") || !Files.exists(path)) {
            return Optional.empty();
        }
        CsvSource.Settings told = new CsvSource.Settings(
                settings.isSet("no-header") ? Header.NONE : Header.FIRST_ROW,
                settings.text("charset").orElse(null),
                settings.text("separator").orElse(null),
                null,
                -1);
        if (!Files.isDirectory(path)) {
            return Optional.of(CsvSource.open(path, told));
        }
        try (Stream<Path> parts = Files.list(path)) {
            return parts.filter(part -> {
                        String file = String.valueOf(part.getFileName());
                        return !file.startsWith("_") && !file.startsWith(".");
                    })
                    .sorted()
                    .filter(part -> part.toFile().length() > 0)
                    .findFirst()
                    .map(part -> CsvSource.open(part, told));
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, name + " cannot be read: " + e.getMessage(), e);
        }
    }

    private Dataset<Row> rows(SharedTable table) {
        DataFrameReader reader =
                session.read().format(form.called()).option("url", table.url()).option("dbtable", table.text());
        table.settings().forEach((key, value) -> reader.option(String.valueOf(key), String.valueOf(value)));
        // One connection reads; the work is for all. A table of a database has no order that this could change.
        return reader.load().repartition(session.sparkContext().defaultParallelism());
    }

    private void checkFlat(Dataset<Row> read) {
        for (StructField field : read.schema().fields()) {
            DataType type = field.dataType();
            if (type instanceof StructType || type instanceof ArrayType || type instanceof MapType) {
                throw new TableException(
                        Problem.INPUT,
                        "The column " + field.name() + " of " + name
                                + " holds records or lists, which are not read on Spark; take it apart first.");
            }
        }
    }

    /** Numbers come as the text that they are, with all their digits; lines that are no JSON end the job, and columns come in the order in which they turn up. */
    private Dataset<Row> json() {
        Dataset<Row> read = session.read()
                .format(form.called())
                .option("primitivesAsString", true)
                .option("mode", "FAILFAST")
                .load(name);
        Path path = Path.of(name);
        if (name.contains(":/") || !Files.isRegularFile(path)) {
            return read;
        }
        try (JsonSource source = JsonSource.open(InputFile.of(path))) {
            List<String> order = source.header();
            Set<String> same = Set.of(read.columns());
            return same.size() == order.size() && same.containsAll(order)
                    ? read.select(order.stream().map(ChainOnSpark::column).toArray(Column[]::new))
                    : read;
        }
    }

    /** As the tables of one machine are read: nothing is trimmed, an empty cell is an empty text, an odd row is set aside. */
    private Dataset<Row> text(Optional<CsvSource> looked) {
        DataFrameReader reader = session.read()
                .format(form.called())
                .option("header", !settings.isSet("no-header"))
                .option("sep", String.valueOf(separator))
                .option(
                        "encoding",
                        looked.map(source -> source.charset().name())
                                .or(() -> settings.text("charset"))
                                .orElse("UTF-8"))
                .option("quote", "\"")
                .option("escape", "\"")
                .option("multiLine", true)
                .option("ignoreLeadingWhiteSpace", false)
                .option("ignoreTrailingWhiteSpace", false)
                .option("nullValue", "\u0000")
                .option("emptyValue", "")
                .option("maxCharsPerColumn", -1)
                .option("mode", "PERMISSIVE");
        List<String> found = List.of(reader.load(name).columns());
        List<String> titles = looked.map(RowSource::header)
                .orElse(settings.isSet("no-header") ? RowSource.numberedTitles(found.size()) : found);
        checkTitles(found, titles);
        StructType schema = ChainOnSpark.textSchema(titles).add(ChainOnSpark.UNFIT, DataTypes.StringType);
        return reader.schema(schema)
                .option("columnNameOfCorruptRecord", ChainOnSpark.UNFIT)
                .load(name);
    }

    private void checkTitles(List<String> found, List<String> titles) {
        Set<String> different = new HashSet<>(titles);
        if (different.size() < titles.size()) {
            throw new TableException(
                    Problem.SETTING, name + " has two columns of one title; on Spark titles have to differ.");
        }
        boolean same = found.size() == titles.size();
        for (int i = 0; same && i < titles.size() && !settings.isSet("no-header"); i++) {
            String title = titles.get(i);
            same = title.isBlank() || found.get(i).equals(title) || found.get(i).startsWith(title);
        }
        if (!same) {
            throw new TableException(
                    Problem.INPUT,
                    name + " has lines above its titles, or is parted in a way that Spark does not read; "
                            + "its titles would be " + String.join(", ", found) + ".");
        }
    }

    @Override
    public void close() {
        shared.ifPresent(SharedTable::close);
    }
}
