package io.inkwellsplit.table.job;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import java.util.Comparator;
import java.util.List;

/** What a job file may hold, as a JSON Schema for editors. */
public final class JobSchema {
    private JobSchema() {}

    /** {@return the schema (JSON Schema, draft 2020-12), as JSON} */
    public static String json() {
        ObjectNode schema = new ObjectMapper().createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "A job of Inkwell Split");
        schema.put("type", "object");
        schema.put("additionalProperties", false);
        schema.putArray("required").add("steps");
        ObjectNode properties = schema.putObject("properties");
        settings(properties.putObject("input"), Job.INPUT).putArray("required").add("file");
        ObjectNode list = properties.putObject("steps");
        list.put("type", "array");
        list.put("minItems", 1);
        ArrayNode kinds = list.putObject("items").putArray("oneOf");
        StepKinds.all().stream()
                .sorted(Comparator.comparing(StepKind::name))
                .forEach(kind -> step(kinds.addObject(), kind));
        settings(properties.putObject("output"), Job.OUTPUT);
        return schema.toPrettyString() + "\n";
    }

    private static void step(ObjectNode step, StepKind kind) {
        step.put("type", "object");
        step.put("additionalProperties", false);
        step.putArray("required").add(kind.name());
        ObjectNode body = step.putObject("properties").putObject(kind.name());
        body.put("description", plain(kind.description()));
        settings(body, kind.settings());
    }

    private static ObjectNode settings(ObjectNode body, List<Setting> settings) {
        body.put("type", "object");
        body.put("additionalProperties", false);
        ObjectNode properties = body.putObject("properties");
        settings.stream()
                .sorted(Comparator.comparing(Setting::name))
                .forEach(setting -> setting(properties.putObject(setting.name()), setting));
        return body;
    }

    private static void setting(ObjectNode property, Setting setting) {
        property.put("description", plain(setting.description()));
        if (setting.type() == Setting.Type.FLAG) {
            property.put("type", "boolean");
        } else if (setting.type() == Setting.Type.CHOICE) {
            ArrayNode choices = property.putArray("enum");
            setting.choices().forEach(choices::add);
        } else if (setting.repeatable()) {
            ArrayNode either = property.putArray("oneOf");
            either.addObject().putArray("type").add("string").add("number");
            ObjectNode several = either.addObject().put("type", "array");
            several.putObject("items").putArray("type").add("string").add("number");
        } else {
            property.putArray("type").add("string").add("number");
        }
    }

    private static String plain(String description) {
        return description.replace("`", "");
    }
}
