package io.inkwellsplit.bench;

import io.inkwellsplit.tidy.TidyCase;
import io.inkwellsplit.training.AddressSets;
import io.inkwellsplit.training.Labelled;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;

/**
 * Prints how many given and family names of sixty locales, as their lists write them, come back from capitals and from
 * small letters. The lists' own slips of the pen count as errors.
 */
final class CasingAccuracy {
    /** Where the generator itself writes a list's capitals without care. */
    private static final Pattern SLIP = Pattern.compile(
            "\\bMc[a-z]|\\bPo Box|\\b(Apo|Fpo|Dpo)\\b|\\bcare of|W\\.Va|C/O|\\bFL,|\\bEL |[A-Z]{4,}|(^|[ ,])(?!of|on|the|upon|by)[a-z]{2,}");

    private static final long REPORTED = 77_120_251;
    private static final long LOOKED_AT = 62_701;

    private static final Set<String> TURKIC = Set.of("tr", "ku", "az");

    private CasingAccuracy() {}

    static void print(Path root, boolean wrong) {
        System.out.println("## Tidy case\n\n| set | values | right |\n|---|---|---|");
        names(root, wrong);
        for (AddressSets.Set set : List.of(AddressSets.Set.US_COMMAS, AddressSets.Set.UK)) {
            addresses(root, set, wrong);
        }
        System.out.println();
    }

    /** Generated addresses that are written in capitals and small letters as their lists have them. */
    private static void addresses(Path root, AddressSets.Set set, boolean wrong) {
        long tried = 0;
        long right = 0;
        AddressSets sets = new AddressSets(root.resolve("training/data"), wrong ? LOOKED_AT : REPORTED);
        for (Labelled row : sets.rows(set, 5000)) {
            String text = expected(row.text());
            boolean cased = !text.equals(text.toLowerCase(Locale.ROOT)) && !text.equals(text.toUpperCase(Locale.ROOT));
            if (cased && !SLIP.matcher(text).find()) {
                tried++;
                String tidy = TidyCase.addresses().apply(text.toUpperCase(Locale.ROOT));
                right += tidy.equals(text) ? 1 : 0;
                if (wrong && !tidy.equals(text)) {
                    System.out.println("WRONG case " + set + " " + text + " / " + tidy);
                }
            }
        }
        row("generated addresses: " + set.name().toLowerCase(Locale.ROOT).replace('_', ' '), tried, right);
    }

    /** The letters of postcodes and house numbers count as written in capitals, as the post has them. */
    private static String expected(String text) {
        StringBuilder out = new StringBuilder();
        for (String word : text.split("(?<= )|(?= )")) {
            boolean code = word.matches(".*[0-9].*") && !word.matches("(?i).*[0-9](st|nd|rd|th)\\b.*");
            out.append(code ? word.toUpperCase(Locale.ROOT) : word);
        }
        return out.toString();
    }

    private static void row(String set, long tried, long right) {
        System.out.printf(Locale.ROOT, "| %s | %,d | %.2f %% |%n", set, tried, 100.0 * right / tried);
    }

    private static void names(Path root, boolean wrong) {
        long tried = 0;
        long right = 0;
        Set<String> seen = new HashSet<>();
        for (String line : lines(root.resolve("training/data/by-locale.tsv.gz"))) {
            String[] fields = line.split("\t");
            String name = fields[2];
            boolean cased = !name.equals(name.toLowerCase(Locale.ROOT)) && !name.equals(name.toUpperCase(Locale.ROOT));
            boolean isName = fields[1].equals("given") || fields[1].equals("family");
            if (!isName || !cased || !seen.add(name)) {
                continue;
            }
            Locale language = language(fields[0]);
            for (String alike : List.of(name.toUpperCase(language), name.toLowerCase(language))) {
                // ß has no capital, so that its way back cannot be asked for.
                if (alike.length() == name.length()) {
                    tried++;
                    String tidy = TidyCase.names().in(language).apply(alike);
                    right += tidy.equals(name) ? 1 : 0;
                    if (wrong && !tidy.equals(name)) {
                        System.out.println("WRONG case " + fields[0] + " " + name + " " + tidy);
                    }
                }
            }
        }
        row("names of sixty locales", tried, right);
    }

    /** Only for Turkish letters and Italian particles is the language told, as a user would. */
    private static Locale language(String locale) {
        String code = locale.split("_")[0];
        if (TURKIC.contains(code)) {
            return Locale.forLanguageTag(code.equals("az") ? "az" : "tr");
        }
        return code.equals("it") ? Locale.ITALIAN : Locale.ROOT;
    }

    private static List<String> lines(Path file) {
        try (BufferedReader reader = new BufferedReader(
                new InputStreamReader(new GZIPInputStream(Files.newInputStream(file)), StandardCharsets.UTF_8))) {
            return reader.lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
