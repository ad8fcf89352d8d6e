package io.inkwellsplit.name.weigh;

import io.inkwellsplit.name.column.NameCounts.Habits;
import io.inkwellsplit.name.cut.Candidate;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reason;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Says in words which features decided for or against a candidate. */
public final class Reasons {
    private Reasons() {}

    /** @param seen how much each feature was seen, by its ordinal */
    public static List<Reason> of(NameText text, Candidate candidate, Habits habits, double[] seen, double[] weights) {
        List<Reason> reasons = new ArrayList<>();
        for (NameFeature feature : NameFeature.values()) {
            double amount = seen[feature.ordinal()];
            double weight = amount * weights[feature.ordinal()];
            if (weight != 0) {
                reasons.add(new Reason(sentence(feature, text, candidate, habits, amount), weight));
            }
        }
        reasons.sort(Comparator.comparingDouble((Reason reason) -> -Math.abs(reason.weight())));
        return reasons;
    }

    private static String sentence(
            NameFeature feature, NameText text, Candidate candidate, Habits habits, double amount) {
        return switch (feature) {
            case FIRST_ODDS -> frequency(words(text, candidate, NamePart.FIRST), amount);
            case MIDDLE_ODDS -> frequency(words(text, candidate, NamePart.MIDDLE), amount);
            case LAST_ODDS, LAST_EXTRA_ODDS -> frequency(words(text, candidate, NamePart.LAST), -amount);
            case FIRST_UNKNOWN -> words(text, candidate, NamePart.FIRST) + " is in no list of names";
            case LAST_UNKNOWN -> words(text, candidate, NamePart.LAST) + " is in no list of names";
            case COLUMN_ORDER, COLUMN_ONE_ORDER ->
                "the column writes the " + (habits.givenFirst() > 0 ? "given" : "family") + " name first";
            case COLUMN_FIRST -> column(words(text, candidate, NamePart.FIRST), amount);
            case COLUMN_MIDDLE -> column(words(text, candidate, NamePart.MIDDLE), amount);
            case COLUMN_LAST, COLUMN_LAST_EXTRA -> column(words(text, candidate, NamePart.LAST), -amount);
            default -> feature.sentence();
        };
    }

    private static String frequency(String words, double odds) {
        double times = Math.exp(Math.abs(odds));
        if (times < 1.5) {
            return words + " is as often a given name as a family name";
        }
        String often = times < 10 ? String.format(Locale.ROOT, "%.1f", times) : Long.toString(Math.round(times));
        return words + " is a " + (odds > 0 ? "given" : "family") + " name " + often + " times as often as a "
                + (odds > 0 ? "family" : "given") + " name";
    }

    private static String column(String words, double odds) {
        return "the column uses " + words + " as a " + (odds > 0 ? "given" : "family") + " name";
    }

    /** Returns the words of some parts, of either person, in quotes. */
    private static String words(NameText text, Candidate candidate, NamePart... parts) {
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < text.count(); i++) {
            for (NamePart part : parts) {
                byte label = candidate.labels[i];
                if (label == part.ordinal() || label == part.second().ordinal()) {
                    words.append(words.isEmpty() ? "" : " ").append(text.word(i));
                }
            }
        }
        return "\u201C" + words + "\u201D";
    }
}
