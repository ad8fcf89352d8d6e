package io.inkwellsplit.table.job;

import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.Values;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;

/** Writes a job as the YAML that {@link JobReader} reads. */
public final class JobWriter {
    private final Path folder;

    private JobWriter(Path folder) {
        this.folder = folder;
    }

    /**
     * {@return the text of a job}
     *
     * @param job the job
     * @param file where it will stand: the names of its files are told from that folder
     */
    public static String text(Job job, Path file) {
        return text(job, file, Map.of());
    }

    /** Returns the text of a job with something more in front. */
    static String text(Job job, Path file, Map<String, Object> more) {
        return in(file).text(job, more);
    }

    /** Returns the name of a file as one beside another tells it. */
    static String told(Path named, Path file) {
        return in(file).told(named.toString());
    }

    private static JobWriter in(Path file) {
        Path folder = file.toAbsolutePath().normalize().getParent();
        return new JobWriter(folder == null ? Path.of("/") : folder);
    }

    private String text(Job job, Map<String, Object> more) {
        Map<String, Object> all = new LinkedHashMap<>(more);
        all.put("input", map(Job.INPUT, job.input()));
        all.put(
                "steps",
                job.steps().stream()
                        .map(step -> Map.of(step.kind().name(), map(step.kind().settings(), step.values())))
                        .toList());
        if (!job.output().given().isEmpty()) {
            all.put("output", map(Job.OUTPUT, job.output()));
        }
        DumpSettings block = DumpSettings.builder()
                .setDefaultFlowStyle(FlowStyle.BLOCK)
                .setWidth(200)
                .build();
        return new Dump(block).dumpToString(all);
    }

    /** Returns what is set by name, in the order in which it was first set. */
    private Map<String, Object> map(List<Setting> settings, Values values) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (Values.Given given : values.given()) {
            Setting setting = settings.stream()
                    .filter(one -> one.name().equals(given.name()))
                    .findFirst()
                    .orElseThrow();
            map.computeIfAbsent(given.name(), name -> value(setting, values));
        }
        return map;
    }

    private Object value(Setting setting, Values values) {
        if (setting.type() == Setting.Type.FLAG) {
            return values.isSet(setting.name());
        }
        boolean file = setting.isFile() || setting.name().equals("file");
        List<String> texts = values.given().stream()
                .filter(one -> one.name().equals(setting.name()))
                .map(one -> file ? told(one.value()) : one.value())
                .toList();
        return texts.size() == 1 ? texts.get(0) : texts;
    }

    private String told(String file) {
        Path absolute = Path.of(file).toAbsolutePath().normalize();
        return file.equals(Job.STANDARD) || !folder.getRoot().equals(absolute.getRoot())
                ? file
                : folder.relativize(absolute).toString();
    }
}
