package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import java.util.Optional;

/** Makes columns of parts. */
final class AssembleKind implements StepKind {
    @Override
    public String name() {
        return "assemble";
    }

    @Override
    public String description() {
        return "Makes new columns: by a pattern such as \"Index={last}, {first}\", by a ready-made pattern, in the style "
                + "of a language, or as address labels.";
    }

    @Override
    public List<String> notes() {
        return List.of("inkwell patterns shows the ready-made patterns, each on a sample name.");
    }

    @Override
    public String example() {
        return "assemble split.csv --ready greeting --make \"Index={last}, {first}\" --out letters.csv";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text(
                                "make",
                                "TITLE=PATTERN",
                                "A new column and its pattern; repeatable. {last} is a part or a column by its title, "
                                        + "{first-initial} its first letter, {nickname|first} the first that has a value.")
                        .severalTimes(),
                Setting.text(
                                "ready",
                                "[TITLE=]NAME",
                                "A new column by a ready-made pattern, such as full, index or greeting, or label and "
                                        + "one-line for addresses; repeatable.")
                        .severalTimes(),
                Setting.text(
                                "style",
                                "[TITLE=]WORDS",
                                "A new column of names as the language of `locale` writes them: usual, or words such as "
                                        + "long-formal, short-informal, sorting, monogram; repeatable.")
                        .severalTimes(),
                Setting.text("locale", "TAG", "The language of styles and initials, such as en, de-AT or ja."),
                Setting.text(
                        "home",
                        "COUNTRY",
                        "Where letters are posted: labels to that country need no line for it, and addresses that name no "
                                + "country are there."),
                Setting.flag("tidy-case", "Put parts that are in capitals or small letters alone in tidy case first."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        AssembleStep.Builder step = AssembleStep.builder();
        Optional<String> locale = values.text("locale");
        if (values.isSet("tidy-case")) {
            step.tidyCase();
        }
        locale.ifPresent(step::locale);
        values.text("home").ifPresent(step::homeCountry);
        if (!values.isSet("make") && !values.isSet("ready") && !values.isSet("style")) {
            throw new TableException(
                    Problem.SETTING, "Say what to make: give make with a title and a pattern, ready, or style.");
        }
        if (values.isSet("style") && locale.isEmpty()) {
            throw new TableException(Problem.SETTING, "A style needs a language; give locale.");
        }
        for (String pattern : values.texts("make")) {
            int equals = pattern.indexOf('=');
            if (equals <= 0) {
                throw new TableException(
                        Problem.SETTING, "make takes a title, an equals sign and a pattern, not \"" + pattern + "\".");
            }
            step.pattern(pattern.substring(0, equals), pattern.substring(equals + 1));
        }
        for (String name : values.texts("ready")) {
            int equals = name.indexOf('=');
            if (equals < 0) {
                step.ready(name);
            } else {
                step.ready(name.substring(0, equals), name.substring(equals + 1));
            }
        }
        for (String style : values.texts("style")) {
            int equals = style.indexOf('=');
            String words = style.substring(equals + 1);
            step.style(equals < 0 ? "Name " + words + " (" + locale.get() + ")" : style.substring(0, equals), words);
        }
        return step.build();
    }
}
