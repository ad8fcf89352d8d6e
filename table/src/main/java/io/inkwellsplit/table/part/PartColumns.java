package io.inkwellsplit.table.part;

import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.NameFields;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.tidy.TidyCase;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The columns of a table that hold parts of names and addresses, known by their titles in any vocabulary. */
public final class PartColumns {
    /** Parts in tidy case by themselves; codes, numbers and letters behind a name are left as they are. */
    private static final Map<PartKey, TidyCase> TIDY = tidy();

    private final List<String> header;
    private final Map<PartKey, Integer> indexes = new HashMap<>();
    /** What columns were taken for whose titles are of no vocabulary. */
    private final Map<String, String> guessed = new LinkedHashMap<>();

    private final Remarks remarks;
    private final boolean tidy;

    private PartColumns(List<String> header, boolean tidy) {
        this.header = List.copyOf(header);
        this.tidy = tidy;
        for (PartKey[] parts : List.<PartKey[]>of(NamePart.values(), AddressPart.values())) {
            for (PartKey part : parts) {
                Arrays.stream(PartTitles.values())
                        .map(vocabulary -> vocabulary.indexIn(header, part))
                        .filter(index -> index >= 0)
                        .findFirst()
                        .ifPresent(index -> indexes.put(part, index));
            }
        }
        for (int i = 0; i < header.size(); i++) {
            int index = i;
            UsualTitles.part(header.get(i))
                    .filter(part -> !indexes.containsKey(part) && !indexes.containsValue(index))
                    .ifPresent(part -> {
                        indexes.put(part, index);
                        guessed.put(header.get(index), part.key());
                    });
        }
        Map<Integer, PartKey> byIndex = new HashMap<>();
        indexes.forEach((part, index) -> byIndex.put(index, part));
        remarks = new Remarks(this.header, byIndex);
    }

    /**
     * Finds the columns; of several with the same title, the first counts.
     *
     * @param header the titles of the columns
     * @return the columns of parts
     */
    public static PartColumns of(List<String> header) {
        return new PartColumns(header, false);
    }

    /** {@return columns whose parts come in tidy case where they have capitals or small letters alone} */
    public PartColumns tidied() {
        return new PartColumns(header, true);
    }

    private static Map<PartKey, TidyCase> tidy() {
        Map<PartKey, TidyCase> tidy = new HashMap<>();
        for (NamePart part : NamePart.values()) {
            if (part != NamePart.CREDENTIALS && part != NamePart.SECOND_CREDENTIALS) {
                tidy.put(part, TidyCase.names());
            }
        }
        tidy.put(NamePart.ORGANISATION, TidyCase.organisations());
        for (AddressPart part : AddressPart.values()) {
            boolean code = part == AddressPart.STATE || part == AddressPart.POSTCODE || part == AddressPart.COUNTRY;
            if (!code) {
                tidy.put(part, TidyCase.addresses());
            }
        }
        return Map.copyOf(tidy);
    }

    /**
     * {@return whether a part has a column, or may be told in a column of remarks}
     *
     * @param part the part
     */
    public boolean has(PartKey part) {
        return indexes.containsKey(part) || remarks.areOf(part);
    }

    /** {@return what columns are taken for by a usual title, such as {@code Zip}, in a sentence; empty where none is} */
    public String guesses() {
        List<String> sentences = new ArrayList<>();
        guessed.forEach((title, key) -> sentences.add(title + " is taken for " + key));
        return sentences.isEmpty() ? "" : String.join(", ", sentences) + ".";
    }

    /** {@return whether any part of a name has a column} */
    public boolean hasNames() {
        return indexes.keySet().stream().anyMatch(NamePart.class::isInstance);
    }

    /** {@return whether any part of an address has a column} */
    public boolean hasAddresses() {
        return indexes.keySet().stream().anyMatch(AddressPart.class::isInstance);
    }

    /**
     * {@return whether a field of a pattern can be filled: it is a column's title, or made of parts that have columns}
     *
     * @param name the name
     */
    public boolean isField(String name) {
        return header.contains(name) || isNameField(name) || addressPart(name).isPresent();
    }

    private boolean isNameField(String name) {
        if (!NameFields.isField(name)) {
            return false;
        }
        List<NamePart> asked = new ArrayList<>();
        NameFields.value(name, part -> {
            asked.add(part);
            return null;
        });
        return asked.stream().anyMatch(this::has);
    }

    private Optional<AddressPart> addressPart(String key) {
        return Arrays.stream(AddressPart.values())
                .filter(part -> part.key().equals(key) && has(part))
                .findFirst();
    }

    /**
     * {@return what gives the value of a field for a row}
     *
     * @param name the field, one of {@link #isField}
     */
    public RowText field(String name) {
        int index = header.indexOf(name);
        if (index >= 0) {
            return cells -> cells.get(index);
        }
        if (isNameField(name)) {
            return cells -> {
                String value = NameFields.value(name, name(cells));
                return value == null ? "" : value;
            };
        }
        AddressPart part = addressPart(name).orElseThrow();
        return cells -> cell(cells, part);
    }

    /** {@return the names of all fields, for those who look for one} */
    public List<String> fields() {
        List<String> fields = new ArrayList<>(header);
        indexes.keySet().stream()
                .map(PartKey::key)
                .filter(key -> !fields.contains(key))
                .sorted()
                .forEach(fields::add);
        return fields;
    }

    /**
     * {@return the parts of the name in a row}
     *
     * @param cells the cells, one for each title of the header
     */
    public NameFields.Parts name(List<String> cells) {
        return part -> cell(cells, part);
    }

    /**
     * {@return the parts of the address in a row}
     *
     * @param cells the cells, one for each title of the header
     */
    public AddressLabel.Parts address(List<String> cells) {
        return part -> {
            String text = cell(cells, part);
            // Who receives may be written beside the name.
            return part == AddressPart.CARE_OF && text.isEmpty() ? cell(cells, NamePart.CARE_OF) : text;
        };
    }

    private String cell(List<String> cells, PartKey part) {
        Integer index = indexes.get(part);
        String text = index == null ? remarks.text(cells, part) : cells.get(index);
        @Nullable TidyCase casing = tidy ? TIDY.get(part) : null;
        return casing == null ? text : casing.apply(text);
    }
}
