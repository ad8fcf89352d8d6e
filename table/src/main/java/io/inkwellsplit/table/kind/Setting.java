package io.inkwellsplit.table.kind;

import java.util.List;

/**
 * One thing that can be set. Immutable.
 *
 * @param name what it is called, such as {@code at-most}
 * @param type what its value is
 * @param label what stands for its value in a help text; empty for a flag
 * @param description a sentence for people; other settings stand in it between backticks
 * @param file what messages call the file that is its value; empty for others
 * @param choices the words that are allowed; empty where any is
 * @param required whether it has to be set
 * @param repeatable whether it can be set several times
 */
public record Setting(
        String name,
        Type type,
        String label,
        String description,
        String file,
        List<String> choices,
        boolean required,
        boolean repeatable) {

    /** What a value is. */
    public enum Type {
        /** Any text. */
        TEXT,
        /** Texts with commas between. */
        LIST,
        /** Set or not. */
        FLAG,
        /** A whole number. */
        WHOLE_NUMBER,
        /** A number, with decimals or without. */
        DECIMAL_NUMBER,
        /** One of some words. */
        CHOICE,
        /** A file that is read. */
        INPUT,
        /** A file that is written. */
        OUTPUT,
        /** A folder that is written into. */
        FOLDER
    }

    /**
     * {@return a text}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     */
    public static Setting text(String name, String label, String description) {
        return of(name, Type.TEXT, label, description, "");
    }

    /**
     * {@return texts with commas between; it can be set several times}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     */
    public static Setting list(String name, String label, String description) {
        return of(name, Type.LIST, label, description, "").severalTimes();
    }

    /**
     * {@return something that is set or not}
     *
     * @param name its name
     * @param description what it does, in a sentence
     */
    public static Setting flag(String name, String description) {
        return of(name, Type.FLAG, "", description, "");
    }

    /**
     * {@return a whole number}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     */
    public static Setting whole(String name, String label, String description) {
        return of(name, Type.WHOLE_NUMBER, label, description, "");
    }

    /**
     * {@return a number with decimals}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     */
    public static Setting decimal(String name, String label, String description) {
        return of(name, Type.DECIMAL_NUMBER, label, description, "");
    }

    /**
     * {@return one of some words}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     * @param choices the words
     */
    public static Setting choice(String name, String label, String description, List<String> choices) {
        return new Setting(name, Type.CHOICE, label, description, "", List.copyOf(choices), false, false);
    }

    /**
     * {@return a file that is read; {@code called} is what messages call it, such as {@code the file of words}}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     * @param called what messages call it
     */
    public static Setting input(String name, String label, String description, String called) {
        return of(name, Type.INPUT, label, description, called);
    }

    /**
     * {@return a file that is written}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     * @param called what messages call it
     */
    public static Setting output(String name, String label, String description, String called) {
        return of(name, Type.OUTPUT, label, description, called);
    }

    /**
     * {@return a folder that is written into}
     *
     * @param name its name
     * @param label what stands for a value in a help text
     * @param description what it does, in a sentence
     * @param called what messages call it
     */
    public static Setting folder(String name, String label, String description, String called) {
        return of(name, Type.FOLDER, label, description, called);
    }

    private static Setting of(String name, Type type, String label, String description, String file) {
        return new Setting(name, type, label, description, file, List.of(), false, false);
    }

    /** {@return this one, which has to be set} */
    public Setting needed() {
        return new Setting(name, type, label, description, file, choices, true, repeatable);
    }

    /** {@return this one, which can be set several times} */
    public Setting severalTimes() {
        return new Setting(name, type, label, description, file, choices, required, true);
    }

    /** {@return whether its value is a file or folder} */
    public boolean isFile() {
        return type == Type.INPUT || type == Type.OUTPUT || type == Type.FOLDER;
    }
}
