package io.inkwellsplit.reading;

/** The key of a part of a name or an address. The enums that implement it list every key there is. */
public interface PartKey {
    /** {@return the stable machine name, such as {@code last}} */
    String key();

    /** {@return the English title, such as {@code Last name}} */
    String title();

    /** {@return the place of the key in the order of its enum, from 0} */
    int ordinal();

    /** {@return whether this part repeats a piece of another one, as {@code last_core} does of {@code last}} */
    boolean isFiner();

    /** {@return what stands between pieces of this part that were apart in the source: a blank, but between people} */
    default String joint() {
        return " ";
    }

    /** {@return whether this part is a layer: it stands around the name or the address, as {@code care_of} does} */
    boolean isLayer();
}
