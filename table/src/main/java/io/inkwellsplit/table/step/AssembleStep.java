package io.inkwellsplit.table.step;

import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.NameFields;
import io.inkwellsplit.assemble.NameFormatter;
import io.inkwellsplit.assemble.NameStyle;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.pattern.PatternException;
import io.inkwellsplit.pattern.TextPattern;
import io.inkwellsplit.pattern.Writing;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.part.PartColumns;
import io.inkwellsplit.table.part.RowText;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Makes new columns from the columns there are, and sets them behind these: by patterns over any columns, by ready-made
 * patterns over the parts of names, by a language's own style, or as address labels. Values are put in as they are
 * written.
 */
public final class AssembleStep implements Step {
    /** The ready-made forms that are made of an address rather than of a name. */
    private static final Map<String, String> ADDRESS_FORMS =
            Map.of("label", "Label", "one-line", "Address in one line");

    private final List<Made> columns;
    private final boolean tidy;

    /** A new column: its title, and how it is made in a table. */
    private record Made(String title, Maker maker) {}

    private interface Maker {
        RowText in(PartColumns columns);
    }

    private AssembleStep(List<Made> columns, boolean tidy) {
        this.tidy = tidy;
        this.columns = List.copyOf(columns);
    }

    /** {@return a builder; a step needs one column at least} */
    public static Builder builder() {
        return new Builder();
    }

    /** Says what the new columns are. */
    public static final class Builder {
        private final List<Made> columns = new ArrayList<>();
        private Locale locale = Locale.ROOT;
        private Optional<String> homeCountry = Optional.empty();
        private boolean tidy;

        private Builder() {}

        /**
         * Sets the language of the styles, and of the initials in patterns, that are added after it.
         *
         * @param languageTag a tag of BCP 47, such as {@code nl}
         * @return this builder
         */
        public Builder locale(String languageTag) {
            locale = Locale.forLanguageTag(languageTag);
            if (locale.getLanguage().isEmpty()) {
                throw new TableException(
                        Problem.SETTING,
                        "\"" + languageTag + "\" is no language; give a tag such as en, de-AT or zh-Hant.");
            }
            return this;
        }

        /**
         * Sets the country whose letters need no line for the country; by default every country that is written stands.
         *
         * @param country two letters of ISO 3166-1, or a name
         * @return this builder
         */
        public Builder homeCountry(String country) {
            homeCountry = Optional.of(country);
            return this;
        }

        /**
         * Puts the parts of names and addresses in tidy case first, where they are in capitals or small letters alone.
         *
         * @return this builder
         */
        public Builder tidyCase() {
            tidy = true;
            return this;
        }

        /**
         * Adds a column from a pattern over the columns; see {@link TextPattern}.
         *
         * @param title the title of the new column
         * @param pattern text with fields in braces
         * @return this builder
         */
        public Builder pattern(String title, String pattern) {
            Locale language = locale;
            return add(title, columns -> filled(pattern, language, columns));
        }

        /**
         * Adds a column from a ready-made pattern, or from the forms {@code label} and {@code one-line}; its own title heads it.
         *
         * @param name the pattern's name
         * @return this builder
         */
        public Builder ready(String name) {
            String form = ADDRESS_FORMS.get(name);
            return ready(form == null ? named(name).title() : form, name);
        }

        /**
         * Adds a column from a ready-made pattern under another title.
         *
         * @param title the title of the new column
         * @param name the pattern's name
         * @return this builder
         */
        public Builder ready(String title, String name) {
            if (ADDRESS_FORMS.containsKey(name)) {
                AddressLabel label = homeCountry
                        .map(home -> Settings.checked(() -> AddressLabel.from(home)))
                        .orElseGet(AddressLabel::fromAnywhere);
                return add(title, columns -> address(name, label, columns));
            }
            ReadyPattern pattern = named(name).in(writing(locale));
            return add(title, columns -> {
                require(columns.hasNames(), "ready-made pattern " + name, "a name");
                return cells -> pattern.format(columns.name(cells));
            });
        }

        private static ReadyPattern named(String name) {
            return Settings.checked(() -> ReadyPattern.named(name));
        }

        /**
         * Adds a column of names in the language's own style, such as {@code long-formal}; see {@link NameStyle}.
         *
         * @param title the title of the new column
         * @param style its words, with hyphens between
         * @return this builder
         */
        public Builder style(String title, String style) {
            NameStyle words = Settings.checked(() -> NameStyle.parse(style));
            NameFormatter formatter = NameFormatter.in(locale);
            return add(title, columns -> {
                require(columns.hasNames(), "style " + style, "a name");
                return cells -> formatter.format(person(columns, cells), words);
            });
        }

        private Builder add(String title, Maker maker) {
            if (columns.stream().anyMatch(column -> column.title.equals(title))) {
                throw new TableException(Problem.SETTING, "The title \"" + title + "\" is made twice.");
            }
            columns.add(new Made(title, maker));
            return this;
        }

        /**
         * {@return the step}
         *
         * @throws TableException if no column was added
         */
        public AssembleStep build() {
            if (columns.isEmpty()) {
                throw new TableException(Problem.SETTING, "No pattern was given to assemble.");
            }
            return new AssembleStep(columns, tidy);
        }
    }

    private static Writing writing(Locale locale) {
        return locale.equals(Locale.ROOT)
                ? Writing.USUAL
                : NameFormatter.in(locale).writing();
    }

    private static void require(boolean there, String what, String of) {
        if (!there) {
            throw new TableException(
                    Problem.SETTING,
                    "The " + what + " needs parts of " + of + ", and no column has the title of one; split first.");
        }
    }

    private static RowText filled(String text, Locale locale, PartColumns columns) {
        Map<String, RowText> fields = new HashMap<>();
        try {
            TextPattern pattern = TextPattern.compile(text, columns::isField, columns.fields())
                    .in(writing(locale));
            pattern.fields().forEach(field -> fields.put(field, columns.field(field)));
            return cells -> pattern.format(field -> {
                RowText value = fields.get(field);
                return value == null ? null : value.of(cells);
            });
        } catch (PatternException e) {
            throw Settings.refused(e);
        }
    }

    private static RowText address(String form, AddressLabel label, PartColumns columns) {
        require(columns.hasAddresses(), "form " + form, "an address");
        if (form.equals("one-line")) {
            return cells -> label.oneLine(columns.address(cells));
        }
        ReadyPattern full = ReadyPattern.named("couple-full");
        return cells -> {
            List<String> lines = new ArrayList<>();
            addressee(lines, columns.name(cells), full);
            List<String> address = label.lines(columns.address(cells));
            // The firm may be written in both columns.
            lines.addAll(
                    lines.contains(address.isEmpty() ? "" : address.get(0))
                            ? address.subList(1, address.size())
                            : address);
            return String.join("\n", lines);
        };
    }

    /** To whom the letter goes: the people, or the estate of one, and the organisation. */
    private static void addressee(List<String> lines, NameFields.Parts name, ReadyPattern full) {
        String person = full.format(name);
        boolean late = text(name, "late_first") != null || text(name, "late_last") != null;
        if (!person.isEmpty()) {
            lines.add(late ? "Estate of " + person : person);
        }
        String organisation = name.apply(NamePart.ORGANISATION);
        if (organisation != null && !organisation.isBlank() && !organisation.equals(person)) {
            lines.add(organisation);
        }
    }

    private static @Nullable String text(NameFields.Parts name, String field) {
        String value = NameFields.value(field, name);
        return value == null || value.isBlank() ? null : value;
    }

    private static PersonName person(PartColumns columns, List<String> cells) {
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            String text = columns.name(cells).apply(part);
            parts.put(part, text == null ? "" : text);
        }
        return PersonName.of(parts);
    }

    @Override
    public RowWise bind(List<String> header) {
        PartColumns parts = tidy ? PartColumns.of(header).tidied() : PartColumns.of(header);
        List<String> titles = new ArrayList<>(header);
        List<RowText> made = new ArrayList<>();
        for (Made column : columns) {
            if (titles.contains(column.title)) {
                throw new TableException(
                        Problem.SETTING,
                        "There is a column \"" + column.title + "\" already; give the new one another title.");
            }
            titles.add(column.title);
            made.add(column.maker.in(parts));
        }
        return new Bound(titles, made, parts.guesses());
    }

    private record Bound(List<String> header, List<RowText> made, String guesses) implements RowWise {
        @Override
        public Optional<RowWise> fork() {
            return Optional.of(this);
        }

        @Override
        public List<String> report() {
            List<String> lines = new ArrayList<>(List.of("New columns: " + made.size()));
            if (!guesses.isEmpty()) {
                lines.add(guesses);
            }
            return lines;
        }

        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(header.size());
            out.addAll(cells);
            for (RowText text : made) {
                out.add(text.of(cells));
            }
            return out;
        }
    }
}
