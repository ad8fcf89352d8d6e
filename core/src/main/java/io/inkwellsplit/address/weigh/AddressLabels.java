package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import java.util.EnumSet;
import java.util.Set;

/**
 * The labels that the decoder gives to tokens: for each plain part one for its first token and one for those that go on
 * with it, one for what only announces a part, and one for what no part can claim.
 */
public final class AddressLabels {
    /** The plain parts stand first among the parts. */
    static final int PARTS = AddressPart.NUMBER.ordinal();

    /** A word that announces the part behind it, or a sign that parts two. */
    public static final int ANNOUNCED = 2 * PARTS;

    public static final int UNPLACED = ANNOUNCED + 1;
    public static final int COUNT = UNPLACED + 1;

    /** What stands between two tokens. */
    static final int BLANK = 0;

    static final int COMMA = 1;
    static final int BREAK = 2;
    static final int SIGN = 3;
    /** How many joints there are; as many again for letters without case. */
    static final int JOINTS = 4;

    /** A street with its number behind, several units, {@code England, UK}. */
    private static final Set<AddressPart> GOES_OVER_COMMAS =
            EnumSet.of(AddressPart.STREET, AddressPart.UNIT, AddressPart.COUNTRY);

    /** The labels of the parts that an address ends with, a bit each. */
    public static final int END =
            bits(AddressPart.CITY, AddressPart.COUNTY, AddressPart.STATE, AddressPart.POSTCODE, AddressPart.COUNTRY);

    private AddressLabels() {}

    /** Returns the labels of parts, a bit each. */
    static int bits(AddressPart... parts) {
        int bits = 0;
        for (AddressPart part : parts) {
            bits |= 1 << begin(part) | 1 << inside(part);
        }
        return bits;
    }

    public static int begin(AddressPart part) {
        return 2 * part.ordinal();
    }

    public static int inside(AddressPart part) {
        return begin(part) + 1;
    }

    public static boolean isInside(int label) {
        return label < ANNOUNCED && label % 2 == 1;
    }

    /** Returns whether one label may follow another: what is inside a part follows that part, over a comma only in few. */
    public static boolean mayFollow(int joint, int before, int label) {
        boolean parted = joint % JOINTS == COMMA || joint % JOINTS == BREAK;
        return !isInside(label) || before / 2 == label / 2 && (!parted || GOES_OVER_COMMAS.contains(part(label)));
    }

    private static AddressPart part(int label) {
        return AddressText.part(label / 2);
    }

    /** Returns the label of a token in {@link AddressText}. */
    public static byte plain(int label, boolean word) {
        if (label < ANNOUNCED) {
            return (byte) (label / 2);
        }
        if (label == UNPLACED) {
            return AddressText.FREE;
        }
        return word ? AddressText.ANNOUNCEMENT : AddressText.SEPARATOR;
    }
}
