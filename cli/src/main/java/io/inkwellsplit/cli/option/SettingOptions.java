package io.inkwellsplit.cli.option;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.Setting.Type;
import io.inkwellsplit.table.kind.Values.Given;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.ArgGroupSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.IGetter;
import picocli.CommandLine.Model.ISetter;
import picocli.CommandLine.Model.OptionSpec;

/** Options made of settings: what is given is kept in the order in which it was. */
public final class SettingOptions {
    private static final String OUT =
            "The table to write; - for standard output. The ending of its name tells the form, "
                    + "such as .csv, .xlsx, .jsonl or .vcf. Without it, a preview is shown.";

    private final Surroundings surroundings;
    private final List<Given> given = new ArrayList<>();

    /** @param surroundings tells the folder of files */
    public SettingOptions(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    /**
     * Adds an option for each setting.
     *
     * @param oneOf names of settings of which exactly one has to be given
     */
    public SettingOptions addTo(CommandSpec spec, List<Setting> settings, List<String> oneOf) {
        ArgGroupSpec.Builder either =
                ArgGroupSpec.builder().exclusive(true).multiplicity("1").validate(true);
        for (Setting setting : settings) {
            OptionSpec option = option(setting);
            if (oneOf.contains(setting.name())) {
                either.addArg(option);
            } else {
                spec.addOption(option);
            }
        }
        if (!oneOf.isEmpty()) {
            spec.addArgGroup(either.build());
        }
        return this;
    }

    /** Returns an option for each setting, for whoever puts them somewhere. */
    public List<OptionSpec> options(List<Setting> settings) {
        return settings.stream().map(this::option).toList();
    }

    private OptionSpec option(Setting setting) {
        Taken taken = new Taken(setting);
        boolean out = setting.name().equals("file");
        OptionSpec.Builder option = out ? OptionSpec.builder("-o", "--out") : OptionSpec.builder("--" + setting.name());
        option.description(out ? OUT : forShell(setting.description()))
                .getter(taken)
                .setter(taken);
        if (setting.type() == Type.FLAG) {
            return option.type(boolean.class).arity("0").build();
        }
        option.paramLabel(setting.label()).required(setting.required());
        return setting.repeatable()
                ? option.type(List.class).auxiliaryTypes(String.class).build()
                : option.type(String.class).build();
    }

    /** Settings are told as options. */
    private static String forShell(String description) {
        return description.replaceAll("`([^`]+)`", "--$1").replace("%", "%%");
    }

    /** Returns what was given, in its order. */
    public List<Given> given() {
        return List.copyOf(given);
    }

    /** Puts what an option was given among the others. */
    private final class Taken implements IGetter, ISetter {
        private final Setting setting;
        private @Nullable Object value;
        private int seen;

        Taken(Setting setting) {
            this.setting = setting;
        }

        @Override
        @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals", "NullAway"})
        public <T> T get() {
            return (T) value;
        }

        /** The parser gives a repeatable option all its values so far; it begins anew with none. */
        @Override
        @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals", "NullAway"})
        public <T> T set(T now) {
            Object before = value;
            value = now;
            List<?> all =
                    now instanceof List<?> list ? list : now == null || now.equals(false) ? List.of() : List.of(now);
            if (all.size() < seen || !(now instanceof List<?>)) {
                given.removeIf(one -> one.name().equals(setting.name()));
                seen = 0;
            }
            for (; seen < all.size(); seen++) {
                given.add(new Given(setting.name(), told(String.valueOf(all.get(seen)))));
            }
            return (T) before;
        }

        private String told(String text) {
            boolean file = setting.isFile() || setting.name().equals("file");
            return file ? surroundings.path(text).toString() : text;
        }
    }
}
