package io.inkwellsplit.parquet;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.UUID;
import org.apache.parquet.io.api.Binary;
import org.apache.parquet.io.api.RecordConsumer;
import org.apache.parquet.schema.LogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.DateLogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.DecimalLogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.IntLogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.TimeLogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.TimeUnit;
import org.apache.parquet.schema.LogicalTypeAnnotation.TimestampLogicalTypeAnnotation;
import org.apache.parquet.schema.LogicalTypeAnnotation.UUIDLogicalTypeAnnotation;
import org.apache.parquet.schema.MessageTypeParser;
import org.apache.parquet.schema.PrimitiveType;
import org.apache.parquet.schema.PrimitiveType.PrimitiveTypeName;
import org.apache.parquet.schema.Types;

/** Values of a column as text and back, by the logical types of the Parquet format. */
final class ParquetValue {
    private static final String NAME = "value";
    /** Days of the Julian calendar up to 1970, for the old times of 96 bits. */
    private static final long JULIAN_1970 = 2_440_588;

    private final PrimitiveType type;
    private final LogicalTypeAnnotation logical;

    ParquetValue(PrimitiveType type) {
        this.type = type;
        this.logical = type.getLogicalTypeAnnotation();
    }

    /** Returns what a column holds, with its type in the words of the format, so that it comes out as it was. */
    ColumnType columnType() {
        return new ColumnType(kind(), unnamed().toString(), "");
    }

    private PrimitiveType unnamed() {
        return Types.optional(type.getPrimitiveTypeName())
                .length(type.getTypeLength())
                .as(logical)
                .named(NAME);
    }

    /** Returns the type of a column that is to hold what another one did. */
    static PrimitiveType typeOf(String title, ColumnType column) {
        if (column.system().isEmpty() && !column.declared().isEmpty()) {
            PrimitiveType declared = MessageTypeParser.parseMessageType("message m { " + column.declared() + "; }")
                    .getType(NAME)
                    .asPrimitiveType();
            return Types.optional(declared.getPrimitiveTypeName())
                    .length(declared.getTypeLength())
                    .as(declared.getLogicalTypeAnnotation())
                    .named(title);
        }
        return switch (column.kind()) {
            case TEXT -> text(title);
            case WHOLE_NUMBER -> Types.optional(PrimitiveTypeName.INT64).named(title);
            case NUMBER -> Types.optional(PrimitiveTypeName.DOUBLE).named(title);
            case TRUTH -> Types.optional(PrimitiveTypeName.BOOLEAN).named(title);
            case DATE ->
                Types.optional(PrimitiveTypeName.INT32)
                        .as(LogicalTypeAnnotation.dateType())
                        .named(title);
            case TIME ->
                Types.optional(PrimitiveTypeName.INT64)
                        .as(LogicalTypeAnnotation.timeType(false, TimeUnit.MICROS))
                        .named(title);
            case MOMENT ->
                Types.optional(PrimitiveTypeName.INT64)
                        .as(LogicalTypeAnnotation.timestampType(false, TimeUnit.MICROS))
                        .named(title);
        };
    }

    static PrimitiveType text(String title) {
        return Types.optional(PrimitiveTypeName.BINARY)
                .as(LogicalTypeAnnotation.stringType())
                .named(title);
    }

    private Kind kind() {
        if (logical instanceof DecimalLogicalTypeAnnotation) {
            return Kind.NUMBER;
        }
        return switch (type.getPrimitiveTypeName()) {
            case BOOLEAN -> Kind.TRUTH;
            case FLOAT, DOUBLE -> Kind.NUMBER;
            case INT96 -> Kind.MOMENT;
            case INT32, INT64 ->
                logical instanceof DateLogicalTypeAnnotation
                        ? Kind.DATE
                        : logical instanceof TimeLogicalTypeAnnotation
                                ? Kind.TIME
                                : logical instanceof TimestampLogicalTypeAnnotation ? Kind.MOMENT : Kind.WHOLE_NUMBER;
            default -> Kind.TEXT;
        };
    }

    String text(boolean value) {
        return Boolean.toString(value);
    }

    String text(double value) {
        return type.getPrimitiveTypeName() == PrimitiveTypeName.FLOAT
                ? Float.toString((float) value)
                : Double.toString(value);
    }

    String text(long value) {
        if (logical instanceof DecimalLogicalTypeAnnotation decimal) {
            return BigDecimal.valueOf(value, decimal.getScale()).toPlainString();
        }
        if (logical instanceof DateLogicalTypeAnnotation) {
            return LocalDate.ofEpochDay(value).toString();
        }
        if (logical instanceof TimeLogicalTypeAnnotation time) {
            return LocalTime.ofNanoOfDay(value * nanos(time.getUnit())).toString();
        }
        if (logical instanceof TimestampLogicalTypeAnnotation stamp) {
            long each = ChronoUnit.SECONDS.getDuration().toNanos() / nanos(stamp.getUnit());
            LocalDateTime time = LocalDateTime.ofEpochSecond(
                    Math.floorDiv(value, each),
                    (int) (Math.floorMod(value, each) * nanos(stamp.getUnit())),
                    ZoneOffset.UTC);
            return time + (stamp.isAdjustedToUTC() ? "Z" : "");
        }
        boolean unsigned = logical instanceof IntLogicalTypeAnnotation whole && !whole.isSigned();
        if (unsigned) {
            return type.getPrimitiveTypeName() == PrimitiveTypeName.INT32
                    ? Integer.toUnsignedString((int) value)
                    : Long.toUnsignedString(value);
        }
        return Long.toString(value);
    }

    /** @throws CharacterCodingException if the bytes are no text */
    String text(Binary value) throws CharacterCodingException {
        if (logical instanceof DecimalLogicalTypeAnnotation decimal) {
            return new BigDecimal(new BigInteger(value.getBytes()), decimal.getScale()).toPlainString();
        }
        if (logical instanceof UUIDLogicalTypeAnnotation) {
            ByteBuffer bytes = value.toByteBuffer();
            return new UUID(bytes.getLong(), bytes.getLong()).toString();
        }
        if (type.getPrimitiveTypeName() == PrimitiveTypeName.INT96) {
            ByteBuffer bytes = value.toByteBuffer().order(ByteOrder.LITTLE_ENDIAN);
            long nanos = bytes.getLong();
            return LocalDate.ofEpochDay(bytes.getInt() - JULIAN_1970)
                    .atTime(LocalTime.ofNanoOfDay(nanos))
                    .toString();
        }
        // Some writers do not say that their bytes are text.
        return StandardCharsets.UTF_8.newDecoder().decode(value.toByteBuffer()).toString();
    }

    private static long nanos(TimeUnit unit) {
        return switch (unit) {
            case MILLIS -> 1_000_000;
            case MICROS -> 1_000;
            case NANOS -> 1;
        };
    }

    /**
     * Writes the value that a text tells.
     *
     * @throws RuntimeException if it tells none
     */
    void write(String text, RecordConsumer to) {
        switch (type.getPrimitiveTypeName()) {
            case BOOLEAN -> to.addBoolean(truth(text));
            case INT32 -> to.addInteger(Math.toIntExact(whole(text)));
            case INT64 -> to.addLong(whole(text));
            case FLOAT -> to.addFloat(exact(Float.parseFloat(text), text));
            case DOUBLE -> to.addDouble(exact(Double.parseDouble(text), text));
            default -> to.addBinary(bytes(text));
        }
    }

    private static boolean truth(String text) {
        if (!text.equalsIgnoreCase("true") && !text.equalsIgnoreCase("false")) {
            throw new IllegalArgumentException(text);
        }
        return Boolean.parseBoolean(text);
    }

    private static float exact(float value, String text) {
        if (Float.isFinite(value)) {
            exact(new BigDecimal(Float.toString(value)), text);
        }
        return value;
    }

    private static double exact(double value, String text) {
        if (Double.isFinite(value)) {
            exact(new BigDecimal(Double.toString(value)), text);
        }
        return value;
    }

    private static void exact(BigDecimal value, String text) {
        if (value.compareTo(new BigDecimal(text)) != 0) {
            throw new ArithmeticException(text);
        }
    }

    private long whole(String text) {
        if (logical instanceof DecimalLogicalTypeAnnotation decimal) {
            return new BigDecimal(text)
                    .setScale(decimal.getScale())
                    .unscaledValue()
                    .longValueExact();
        }
        if (logical instanceof DateLogicalTypeAnnotation) {
            return LocalDate.parse(text).toEpochDay();
        }
        if (logical instanceof TimeLogicalTypeAnnotation time) {
            return divided(LocalTime.parse(text).toNanoOfDay(), nanos(time.getUnit()));
        }
        if (logical instanceof TimestampLogicalTypeAnnotation stamp) {
            Instant moment = stamp.isAdjustedToUTC()
                    ? Instant.parse(text)
                    : (text.indexOf(':') < 0
                                    ? LocalDate.parse(text).atStartOfDay()
                                    : LocalDateTime.parse(text.replace(' ', 'T')))
                            .toInstant(ZoneOffset.UTC);
            long each = ChronoUnit.SECONDS.getDuration().toNanos() / nanos(stamp.getUnit());
            return Math.addExact(
                    Math.multiplyExact(moment.getEpochSecond(), each),
                    divided(moment.getNano(), nanos(stamp.getUnit())));
        }
        boolean unsigned = logical instanceof IntLogicalTypeAnnotation whole && !whole.isSigned();
        if (unsigned) {
            return type.getPrimitiveTypeName() == PrimitiveTypeName.INT32
                    ? Integer.parseUnsignedInt(text)
                    : Long.parseUnsignedLong(text);
        }
        return Long.parseLong(text);
    }

    private static long divided(long nanos, long unit) {
        if (nanos % unit != 0) {
            throw new ArithmeticException(nanos + " nanoseconds");
        }
        return nanos / unit;
    }

    private Binary bytes(String text) {
        if (logical instanceof DecimalLogicalTypeAnnotation decimal) {
            byte[] number = new BigDecimal(text)
                    .setScale(decimal.getScale())
                    .unscaledValue()
                    .toByteArray();
            return Binary.fromConstantByteArray(
                    type.getPrimitiveTypeName() == PrimitiveTypeName.BINARY ? number : filled(number));
        }
        if (logical instanceof UUIDLogicalTypeAnnotation) {
            UUID id = UUID.fromString(text);
            return Binary.fromConstantByteArray(ByteBuffer.allocate(2 * Long.BYTES)
                    .putLong(id.getMostSignificantBits())
                    .putLong(id.getLeastSignificantBits())
                    .array());
        }
        if (type.getPrimitiveTypeName() == PrimitiveTypeName.INT96) {
            LocalDateTime time = LocalDateTime.parse(text);
            return Binary.fromConstantByteArray(ByteBuffer.allocate(Long.BYTES + Integer.BYTES)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .putLong(time.toLocalTime().toNanoOfDay())
                    .putInt((int) (time.toLocalDate().toEpochDay() + JULIAN_1970))
                    .array());
        }
        Binary bytes = Binary.fromString(text);
        boolean fits =
                type.getPrimitiveTypeName() == PrimitiveTypeName.BINARY || bytes.length() == type.getTypeLength();
        if (!fits) {
            throw new IllegalArgumentException(text);
        }
        return bytes;
    }

    /** A number of a fixed length has its sign in front. */
    private byte[] filled(byte[] number) {
        int length = type.getTypeLength();
        if (number.length > length) {
            throw new ArithmeticException("too long");
        }
        byte[] filled = new byte[length];
        Arrays.fill(filled, 0, length - number.length, (byte) (number[0] < 0 ? -1 : 0));
        System.arraycopy(number, 0, filled, length - number.length, number.length);
        return filled;
    }
}
