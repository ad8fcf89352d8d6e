package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The places of one country. A line of its file has a name and, after tabs, the state it is in and its postcodes:
 * single ones and ranges ({@code 10001-10048}) with blanks between; a place in two states has two lines.
 */
public final class CountryPlaces {
    /** First words that are written in short as well. */
    private static final class Spellings {
        static final List<String[]> SHORT = Format.NONE
                .required("", Column.TEXT, Column.TEXT)
                .readLines(CountryPlaces.class, "place-spellings.txt")
                .stream()
                .map(Line::fields)
                .toList();
    }

    private static final String CITY = " City";

    /** Where the region stands in a line of the user's. */
    static final int OWN_STATE = 2;

    /** How many bits the number of a line may need. */
    private static final int LINE_BITS = 20;

    /** How many digits of a postcode belong to one region of the post. */
    static final int AREA = 100;

    private final PhraseTable names;
    /** By place: the states it is in, a bit each; empty where that is not known. */
    private final long[] states;

    private final int[] postcodes;
    /** For each postcode, the line of the file that has it. */
    private final int[] postcodeLines;

    /** For each postcode, the place that has it. */
    private final int[] postcodePlaces;

    private final List<Entry> lines;
    /** By area of postcodes: the states in which they are, a bit each. */
    private final long[] areaStates;

    /** By area of postcodes: where the first of it stands; one more behind the last. */
    private final int[] areaStarts;

    /** One line of the file: a place as far as it is in one state. */
    private record Entry(String title, int place, int state) {}

    private CountryPlaces(Builder builder) {
        names = builder.names.build();
        states = builder.states.stream().mapToLong(Long::longValue).toArray();
        long[] order = Arrays.copyOf(builder.postcodes, builder.postcodeCount);
        Arrays.sort(order);
        postcodes =
                Arrays.stream(order).mapToInt(one -> (int) (one >>> LINE_BITS)).toArray();
        postcodeLines = Arrays.stream(order)
                .mapToInt(one -> (int) (one & (1 << LINE_BITS) - 1))
                .toArray();
        lines = List.copyOf(builder.lines);
        postcodePlaces = Arrays.stream(postcodeLines)
                .map(line -> lines.get(line).place())
                .toArray();
        areaStates = new long[postcodes.length == 0 ? 0 : postcodes[postcodes.length - 1] / AREA + 1];
        for (int i = 0; i < postcodes.length; i++) {
            areaStates[postcodes[i] / AREA] |= 1L << lines.get(postcodeLines[i]).state();
        }
        areaStarts = new int[areaStates.length + 1];
        for (int area = 0, i = 0; area < areaStarts.length; area++) {
            while (i < postcodes.length && postcodes[i] / AREA < area) {
                i++;
            }
            areaStarts[area] = i;
        }
    }

    /** Gathers the lines of a file. */
    static final class Builder {
        private final PhraseTable.Builder names = new PhraseTable.Builder(8_000);
        private final List<Long> states = new ArrayList<>(List.of(0L));
        /** Postcodes, each with the number of its line in the low bits. */
        private long[] postcodes = new long[1024];

        private int postcodeCount;
        private final List<Entry> lines = new ArrayList<>();
        private final Map<String, Integer> stateNumbers = new HashMap<>();

        Builder(Country country) {
            for (int i = 0; i < country.states.size(); i++) {
                stateNumbers.put(country.states.get(i).names().get(0), i + 1);
            }
        }

        /** Adds a town of which no more is known than its name. */
        void add(String town) {
            spellings(town).forEach(spelling -> names.merge(spelling, 1, 0));
            // New Taipei City is known without its last word; of two words both are needed.
            if (town.endsWith(CITY) && town.indexOf(' ') < town.length() - CITY.length()) {
                names.merge(town.substring(0, town.length() - CITY.length()), 1, 0);
            }
        }

        void add(Line line) {
            String text = line.text();
            int tab = text.indexOf('\t');
            if (tab < 0) {
                add(text);
                return;
            }
            String name = text.substring(0, tab);
            String[] fields = line.fields();
            Integer state = stateNumbers.get(fields[1]);
            if (state == null) {
                throw line.refuse("the state " + fields[1] + " is not in the country's file");
            }
            int place = number(name);
            states.set(place, states.get(place) | 1L << state);
            if (fields.length > 2) {
                postcodes(fields[2]);
                lines.add(new Entry(name, place, state));
            }
        }

        /** Adds a town of the user's; without a region it may be in any of them. */
        void addOwn(Line line) {
            String[] fields = line.fields();
            if (states.size() == 1) {
                add(fields[0]);
            } else {
                int place = number(fields[0]);
                Integer state = fields.length > OWN_STATE ? stateNumbers.get(fields[OWN_STATE]) : null;
                long in = state == null ? -1L : 1L << state;
                states.set(place, states.get(place) | in);
            }
        }

        /** Returns the number of a place, a new one if it has none yet. */
        private int number(String name) {
            int place = names.get(name);
            if (place == PhraseTable.NONE) {
                place = states.size();
                for (String spelling : spellings(name)) {
                    names.put(spelling, place);
                }
                states.add(0L);
            }
            return place;
        }

        /** A name with its hyphens and with blanks in their place, and with its first word in short. */
        private static Set<String> spellings(String name) {
            Set<String> spellings = new LinkedHashSet<>(List.of(name, name.replace('-', ' ')));
            for (String[] words : Spellings.SHORT) {
                int end = words[0].length();
                if (name.startsWith(words[0]) && name.length() > end + 1 && !Character.isLetter(name.charAt(end))) {
                    String rest = name.substring(end + 1);
                    spellings.add(words[1] + name.charAt(end) + rest);
                    spellings.add(words[1] + ' ' + rest.replace('-', ' '));
                }
            }
            return spellings;
        }

        private void postcodes(String ranges) {
            for (String range : ranges.split(" ")) {
                int dash = range.indexOf('-');
                int first = Integer.parseInt(dash < 0 ? range : range.substring(0, dash));
                int last = dash < 0 ? first : Integer.parseInt(range.substring(dash + 1));
                for (int code = first; code <= last; code++) {
                    if (postcodeCount == postcodes.length) {
                        postcodes = Arrays.copyOf(postcodes, postcodeCount * 2);
                    }
                    postcodes[postcodeCount++] = (long) code << LINE_BITS | lines.size();
                }
            }
        }

        CountryPlaces build() {
            return new CountryPlaces(this);
        }
    }

    public int find(Tokens tokens, int from, int end) {
        return names.value(tokens, from, end - from);
    }

    /** Returns how many tokens the longest name from one on has; 0 for none. */
    public int longest(Tokens tokens, int from, int end) {
        return names.longest(tokens, from, end);
    }

    public boolean knowsStates() {
        return states.length > 1;
    }

    public boolean isIn(int place, int state) {
        return place < states.length && (states[place] & 1L << state) != 0;
    }

    public boolean knowsPostcodes() {
        return postcodes.length > 0;
    }

    /** Returns whether a place has a postcode in the same area, so in all but the last two digits. */
    public boolean isNear(int place, int postcode) {
        int area = postcode / AREA;
        boolean known = area + 1 < areaStarts.length;
        for (int i = known ? areaStarts[area] : 0; known && i < areaStarts[area + 1]; i++) {
            if (postcodePlaces[i] == place) {
                return true;
            }
        }
        return false;
    }

    /** Returns the number of the place that has a postcode, or {@link PhraseTable#NONE}. */
    public int placeNumber(int postcode) {
        int i = at(postcode);
        return i < 0 ? PhraseTable.NONE : postcodePlaces[i];
    }

    /** Returns the title of the place that has a postcode; empty where that is not known. */
    public String placeOf(int postcode) {
        int i = at(postcode);
        return i < 0 ? "" : lines.get(postcodeLines[i]).title();
    }

    /** Returns the states, a bit each, in which postcodes of the same area are. */
    public long statesOf(int postcode) {
        int area = postcode / AREA;
        return postcode >= 0 && area < areaStates.length ? areaStates[area] : 0;
    }

    /** Returns where a postcode first is; below 0 where it is not. */
    private int at(int postcode) {
        int area = postcode / AREA;
        if (area + 1 >= areaStarts.length) {
            return -1;
        }
        int i = Arrays.binarySearch(postcodes, areaStarts[area], areaStarts[area + 1], postcode);
        while (i > 0 && postcodes[i - 1] == postcode) {
            i--;
        }
        return i;
    }
}
