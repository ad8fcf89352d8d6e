package io.inkwellsplit.spark;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.NamePattern;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.tidy.TidyCase;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.RowFactory;
import org.apache.spark.sql.SparkSession;
import org.apache.spark.sql.api.java.UDF1;
import org.apache.spark.sql.api.java.UDF2;
import org.apache.spark.sql.types.DataTypes;
import org.apache.spark.sql.types.StructField;
import org.apache.spark.sql.types.StructType;
import org.jspecify.annotations.Nullable;

/**
 * Functions for SQL, each for a value by itself:
 *
 * <ul>
 *   <li>{@code split_name(text)}: a struct with a field for every part of a name, by its key ({@code first}, {@code last} …), and
 *       {@code kind}, {@code confidence} and {@code doubts}
 *   <li>{@code split_address(text, country)}: the same for an address; the country, by its two letters or its name, is that of an
 *       address that names none, or null
 *   <li>{@code assemble_name(pattern, name)}: the parts put together by a pattern such as <code>{last}, {first}</code>, or by the
 *       name of a ready one, such as {@code full}
 *   <li>{@code tidy_name(text)}, {@code tidy_organisation(text)}, {@code tidy_address(text)}: in tidy case where there are capitals
 *       or small letters alone
 * </ul>
 *
 * <p>Null gives null. To read values in the light of their column take {@link SplitColumns}.
 */
public final class InkwellSpark {
    private static final Map<String, AddressSplitter> BY_COUNTRY = new ConcurrentHashMap<>();
    private static final Map<String, NamePattern> PATTERNS = new ConcurrentHashMap<>();
    private static final StructType NAME = struct(NamePart.values());
    private static final StructType ADDRESS = struct(AddressPart.values());

    private InkwellSpark() {}

    /**
     * Makes the functions known in a session.
     *
     * @param session the session
     */
    public static void register(SparkSession session) {
        session.udf()
                .register(
                        "split_name",
                        (UDF1<@Nullable String, @Nullable Row>) text -> text == null
                                ? null
                                : row(NamePart.values(), NameSplitter.standard().split(text)),
                        NAME);
        session.udf()
                .register(
                        "split_address",
                        (UDF2<@Nullable String, @Nullable String, @Nullable Row>) InkwellSpark::address,
                        ADDRESS);
        session.udf()
                .register(
                        "assemble_name",
                        (UDF2<@Nullable String, @Nullable Row, @Nullable String>) InkwellSpark::assembled,
                        DataTypes.StringType);
        tidy(session, "tidy_name", TidyCaseOf.NAMES);
        tidy(session, "tidy_organisation", TidyCaseOf.ORGANISATIONS);
        tidy(session, "tidy_address", TidyCaseOf.ADDRESSES);
    }

    /** Named here, as executors make their own. */
    private enum TidyCaseOf {
        NAMES,
        ORGANISATIONS,
        ADDRESSES;

        String apply(String text) {
            return switch (this) {
                case NAMES -> TidyCase.names().apply(text);
                case ORGANISATIONS -> TidyCase.organisations().apply(text);
                case ADDRESSES -> TidyCase.addresses().apply(text);
            };
        }
    }

    private static void tidy(SparkSession session, String name, TidyCaseOf what) {
        session.udf()
                .register(
                        name,
                        (UDF1<@Nullable String, @Nullable String>) text -> text == null ? null : what.apply(text),
                        DataTypes.StringType);
    }

    private static StructType struct(PartKey[] parts) {
        List<StructField> fields = new ArrayList<>();
        for (PartKey part : parts) {
            fields.add(DataTypes.createStructField(part.key(), DataTypes.StringType, true));
        }
        fields.add(DataTypes.createStructField("kind", DataTypes.StringType, false));
        fields.add(DataTypes.createStructField("confidence", DataTypes.DoubleType, false));
        fields.add(
                DataTypes.createStructField("doubts", DataTypes.createArrayType(DataTypes.StringType, false), false));
        return DataTypes.createStructType(fields);
    }

    private static <P extends PartKey> Row row(P[] parts, Reading<P> reading) {
        Object[] values = new Object[parts.length + 3];
        for (int i = 0; i < parts.length; i++) {
            values[i] = reading.text(parts[i]);
        }
        values[parts.length] = reading.kind().key();
        values[parts.length + 1] = reading.confidence();
        values[parts.length + 2] = reading.doubts().stream().map(Doubt::code).toArray(String[]::new);
        return RowFactory.create(values);
    }

    private static @Nullable Row address(@Nullable String text, @Nullable String country) {
        if (text == null) {
            return null;
        }
        AddressSplitter splitter = country == null || country.isBlank()
                ? AddressSplitter.standard()
                : BY_COUNTRY.computeIfAbsent(
                        country, told -> AddressSplitter.standard().country(told));
        return row(AddressPart.values(), splitter.split(text));
    }

    private static @Nullable String assembled(@Nullable String pattern, @Nullable Row name) {
        if (pattern == null || name == null) {
            return null;
        }
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            int field = Stream.of(name.schema().fieldNames()).toList().indexOf(part.key());
            if (field >= 0 && !name.isNullAt(field)) {
                parts.put(part, name.getString(field));
            }
        }
        return PATTERNS.computeIfAbsent(pattern, InkwellSpark::pattern).format(PersonName.of(parts));
    }

    private static NamePattern pattern(String text) {
        return text.indexOf('{') < 0 ? ReadyPattern.named(text).pattern() : NamePattern.compile(text);
    }
}
