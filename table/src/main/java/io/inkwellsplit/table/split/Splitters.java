package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.words.OwnWords;
import java.io.IOException;
import java.nio.file.Path;

/**
 * How values are read: the splitter of names and that of addresses, with their settings. Immutable and safe for use by
 * several threads.
 *
 * @param names reads columns of names
 * @param addresses reads columns of addresses
 */
public record Splitters(NameSplitter names, AddressSplitter addresses) {

    /** {@return those with the shipped data and the standard settings} */
    public static Splitters standard() {
        return new Splitters(NameSplitter.standard(), AddressSplitter.standard());
    }

    /**
     * {@return these, with one threshold of confidence for both}
     *
     * @param confidence from 0 to 1, below which a value is doubtful
     * @throws TableException if it is not from 0 to 1
     */
    public Splitters doubtBelow(double confidence) {
        if (!(confidence >= 0 && confidence <= 1)) {
            throw Settings.refuse("A confidence of " + confidence + " cannot be asked for: it goes from 0 to 1.");
        }
        return new Splitters(names.doubtBelow(confidence), addresses.doubtBelow(confidence));
    }

    /**
     * {@return these, for addresses that are in a country unless they say otherwise}
     *
     * @param codeOrName two letters of ISO 3166-1, or a name
     * @throws TableException if addresses of that country are not read
     */
    public Splitters country(String codeOrName) {
        try {
            return new Splitters(names, addresses.country(codeOrName));
        } catch (IllegalArgumentException e) {
            throw Settings.refuse("Addresses of the country \"" + codeOrName + "\" are not read. Give a name or one of "
                    + String.join(", ", AddressSplitter.countries()) + ".");
        }
    }

    /**
     * {@return these, with words of the user's that both know}
     *
     * @param words the words
     * @throws TableException if a word cannot be taken, naming file and line
     */
    public Splitters withWords(OwnWords words) {
        return words.isEmpty()
                ? this
                : Settings.checked(() -> new Splitters(names.withWords(words), addresses.withWords(words)));
    }

    /**
     * {@return these, with a file of words that both know; see {@link OwnWords}}
     *
     * @param file the file
     * @throws TableException if the file cannot be read or holds what it may not, naming file and line
     */
    public Splitters withWords(Path file) {
        return withWords(Settings.checked(() -> {
            try {
                return OwnWords.read(file);
            } catch (IOException e) {
                throw Settings.unreadable("file of words", file, e);
            }
        }));
    }
}
