package io.inkwellsplit.table.kind;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.FilePlan;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What is set, checked against what can be. Immutable. */
public final class Values {
    private final Map<String, Setting> declared = new LinkedHashMap<>();
    private final List<Given> given;

    /**
     * One value, as it is written.
     *
     * @param name the setting's name
     * @param value the value; {@code true} for a flag
     */
    public record Given(String name, String value) {}

    private Values(List<Setting> settings, List<Given> given) {
        settings.forEach(setting -> declared.put(setting.name(), setting));
        this.given = List.copyOf(given);
    }

    /**
     * Checks what is set of a kind of step.
     *
     * @param kind the kind of step
     * @param given what a user has set
     * @return what is set
     * @throws TableException if a setting is unknown, missing, set too often, or cannot have its value
     */
    public static Values of(StepKind kind, List<Given> given) {
        Values values = of(kind.name(), kind.settings(), given);
        List<String> either = kind.oneOf();
        if (!either.isEmpty() && either.stream().filter(values::isSet).count() != 1) {
            throw refuse(kind.name() + " takes one of " + String.join(", ", either) + ", and not several");
        }
        return values;
    }

    /**
     * Checks what is set.
     *
     * @param owner whose settings they are, for messages
     * @param settings the settings
     * @param given what a user has set
     * @return what is set
     * @throws TableException if a setting is unknown, missing, set too often, or cannot have its value
     */
    public static Values of(String owner, List<Setting> settings, List<Given> given) {
        Values values = new Values(settings, given);
        Set<String> seen = new HashSet<>();
        for (Given one : given) {
            Setting setting = values.declared.get(one.name);
            if (setting == null) {
                throw refuse(owner + " has no setting \"" + one.name + "\""
                        + Nearest.of(one.name, values.declared.keySet())
                                .map(near -> "; did you mean " + near + "?")
                                .orElse("; there are " + String.join(", ", values.declared.keySet())));
            }
            if (!seen.add(one.name) && !setting.repeatable()) {
                throw refuse(one.name + " is set twice");
            }
            values.check(setting, one.value);
        }
        for (Setting setting : settings) {
            if (setting.required() && !seen.contains(setting.name())) {
                throw refuse(owner + " needs " + setting.name() + ": "
                        + setting.description().toLowerCase(Locale.ROOT).replaceFirst("\\.$", ""));
            }
        }
        return values;
    }

    private void check(Setting setting, String value) {
        String name = setting.name();
        switch (setting.type()) {
            case FLAG -> {
                if (!value.equals("true") && !value.equals("false")) {
                    throw refuse(name + " is true or false, not \"" + value + "\"");
                }
            }
            case WHOLE_NUMBER -> {
                if (!value.matches("[+-]?[0-9]{1,9}")) {
                    throw refuse(name + " takes a whole number, not \"" + value + "\"");
                }
            }
            case DECIMAL_NUMBER -> {
                if (!value.matches("[+-]?[0-9]{1,9}(\\.[0-9]{1,9})?|NaN")) {
                    throw refuse(name + " takes a number such as 0.95, not \"" + value + "\"");
                }
            }
            case CHOICE -> {
                if (!setting.choices().contains(value.toLowerCase(Locale.ROOT))) {
                    throw refuse(name + (setting.choices().size() > 1 ? " is one of " : " can only be ")
                            + String.join(", ", setting.choices()) + ", not \"" + value + "\""
                            + Nearest.of(value, setting.choices())
                                    .map(near -> "; did you mean " + near + "?")
                                    .orElse(""));
                }
            }
            default -> {}
        }
    }

    private static TableException refuse(String why) {
        return new TableException(Problem.SETTING, why + (why.endsWith("?") ? "" : "."));
    }

    /**
     * {@return what a setting of the core makes; its refusal becomes a sentence}
     *
     * @param <T> what is made
     * @param made makes it
     * @throws TableException if it is refused
     */
    public static <T> T checked(Supplier<T> made) {
        try {
            return made.get();
        } catch (IllegalArgumentException e) {
            String message = String.valueOf(e.getMessage());
            boolean ends = message.endsWith("?") || message.endsWith(".");
            throw new TableException(Problem.SETTING, message + (ends ? "" : "."), e);
        }
    }

    /**
     * {@return these, with one setting set to other values; none to leave it out}
     *
     * @param name the setting
     * @param values its values
     */
    public Values with(String name, List<String> values) {
        List<Given> all = new ArrayList<>(given);
        all.removeIf(one -> one.name.equals(name));
        values.forEach(value -> all.add(new Given(name, value)));
        return of("it", List.copyOf(declared.values()), all);
    }

    /** {@return what is set, in the order in which it was} */
    public List<Given> given() {
        return given;
    }

    /**
     * {@return whether something is set; a flag that is set to {@code false} is not}
     *
     * @param name its name
     */
    public boolean isSet(String name) {
        boolean flag = declared(name).type() == Setting.Type.FLAG;
        return given.stream().anyMatch(one -> one.name.equals(name) && !(flag && one.value.equals("false")));
    }

    /**
     * {@return whether there is such a setting}
     *
     * @param name its name
     */
    public boolean isDeclared(String name) {
        return declared.containsKey(name);
    }

    /**
     * {@return whether a setting is only set or not}
     *
     * @param name its name
     */
    public boolean isFlag(String name) {
        return declared(name).type() == Setting.Type.FLAG;
    }

    /**
     * {@return the text of a setting; empty where it is not set}
     *
     * @param name its name
     */
    public Optional<String> text(String name) {
        declared(name);
        return given.stream()
                .filter(one -> one.name.equals(name))
                .map(Given::value)
                .findFirst();
    }

    /**
     * {@return the texts of a setting, those between commas one by one}
     *
     * @param name its name
     */
    public List<String> texts(String name) {
        boolean list = declared(name).type() == Setting.Type.LIST;
        return given.stream()
                .filter(one -> one.name.equals(name))
                .flatMap(one -> list ? Arrays.stream(one.value.split(",")) : Arrays.stream(new String[] {one.value}))
                .toList();
    }

    /**
     * {@return the whole number of a setting; empty where it is not set}
     *
     * @param name its name
     */
    public OptionalInt whole(String name) {
        Optional<String> text = text(name);
        return text.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(text.get()));
    }

    /**
     * {@return the number of a setting; empty where it is not set}
     *
     * @param name its name
     */
    public OptionalDouble decimal(String name) {
        Optional<String> text = text(name);
        return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(text.get()));
    }

    /**
     * {@return the choice that a setting makes; the standard one where it is not set}
     *
     * @param <E> the choices
     * @param name its name
     * @param standard what is meant where nothing is set
     */
    public <E extends Enum<E>> E choice(String name, E standard) {
        return text(name)
                .map(word -> Enum.valueOf(standard.getDeclaringClass(), word.toUpperCase(Locale.ROOT)))
                .orElse(standard);
    }

    /**
     * {@return the file of a setting; empty where it is not set}
     *
     * @param name its name
     */
    public Optional<Path> file(String name) {
        return text(name).map(Path::of);
    }

    /**
     * {@return the files of a setting}
     *
     * @param name its name
     */
    public List<Path> files(String name) {
        return texts(name).stream().map(Path::of).toList();
    }

    /**
     * Says which files are read and written.
     *
     * @param plan the files
     */
    public void plan(FilePlan plan) {
        for (Given one : given) {
            Setting setting = declared(one.name);
            switch (setting.type()) {
                case INPUT -> plan.reads(setting.file(), Path.of(one.value));
                case OUTPUT -> plan.writes(setting.file(), Path.of(one.value));
                case FOLDER -> plan.writesInto(setting.file(), Path.of(one.value));
                default -> {}
            }
        }
    }

    private Setting declared(String name) {
        Setting setting = declared.get(name);
        if (setting == null) {
            throw new IllegalArgumentException("there is no setting " + name);
        }
        return setting;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Values values && given.equals(values.given);
    }

    @Override
    public int hashCode() {
        return given.hashCode();
    }

    @Override
    public String toString() {
        return given.stream().map(one -> one.name + "=" + one.value).collect(Collectors.joining(", "));
    }
}
