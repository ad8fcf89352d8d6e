package io.inkwellsplit.table.format;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.json.JsonOutput;
import io.inkwellsplit.table.json.JsonOutput.Form;
import io.inkwellsplit.table.json.JsonSource;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;

/** Records in JSON (RFC 8259): one on each line, or an array of them. */
final class JsonFormat implements TableFormat {
    private final Form form;

    JsonFormat(Form form) {
        this.form = form;
    }

    @Override
    public String name() {
        return form == Form.LINES ? "JSON Lines" : "JSON array of records";
    }

    @Override
    public List<String> endings() {
        return form == Form.LINES ? List.of(".jsonl", ".ndjson") : List.of(".json");
    }

    @Override
    public List<String> mediaTypes() {
        return form == Form.LINES ? List.of("application/jsonl", "application/x-ndjson") : List.of("application/json");
    }

    @Override
    public boolean reads() {
        return true;
    }

    @Override
    public boolean writes() {
        return true;
    }

    @Override
    public TableInput open(InputFile file, ReadSettings settings) {
        return JsonSource.open(file);
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        return output(file.toString(), delivery.start(file), settings);
    }

    @Override
    public TableOutput start(String called, OutputStream to, WriteSettings settings) {
        return output(called, to, settings);
    }

    private TableOutput output(String called, OutputStream to, WriteSettings settings) {
        return new JsonOutput(called, to, form, settings.aside(), settings.types(), settings.nested());
    }

    @Override
    public boolean keepsTypes() {
        return true;
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
