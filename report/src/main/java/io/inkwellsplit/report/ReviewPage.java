package io.inkwellsplit.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import io.inkwellsplit.table.VisibleText;
import io.inkwellsplit.table.correct.ReviewCase;
import io.inkwellsplit.table.correct.ReviewCase.Way;
import io.inkwellsplit.table.job.ReviewForm;
import io.inkwellsplit.table.split.Subject;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A page on which a person settles doubtful values, and which saves a corrections file; one HTML file that needs no server
 * and asks nothing from outside. It holds values of the table, so it is as private as the table.
 */
public final class ReviewPage implements ReviewForm.Page {
    /** A browser keeps every line in memory; those that settle most rows come first. */
    private static final int MOST = 10_000;

    private final String title;
    private final Map<String, Subject> subjects;
    private final List<Map<String, Object>> cases = new ArrayList<>();
    private long left;

    /**
     * @param title what is reviewed, usually the name of the table's file
     * @param subjects what each column holds, by its title
     */
    public ReviewPage(String title, Map<String, Subject> subjects) {
        this.title = title;
        this.subjects = new LinkedHashMap<>(subjects);
    }

    /** Adds a line of the review sheet. */
    @Override
    public void add(ReviewCase one) {
        if (cases.size() >= MOST) {
            left++;
            return;
        }
        Map<String, Object> line = new LinkedHashMap<>();
        for (String title : List.of("Column", "Text", "Shape", "Layout", "Doubts", "Suggested", "Why")) {
            line.put(title.toLowerCase(java.util.Locale.ROOT), one.cell(title));
        }
        line.put("rows", Long.parseLong(one.cell("Rows")));
        line.put("group", Integer.parseInt(one.cell("Group")));
        line.put("groupRows", Long.parseLong(one.cell("Rows in group")));
        line.put("confidence", one.cell("Confidence"));
        line.put("ways", one.ways().stream().map(ReviewPage::way).toList());
        cases.add(line);
    }

    private static Map<String, Object> way(Way way) {
        return Map.of(
                "p",
                way.probability(),
                "parts",
                way.parts().stream()
                        .map(mark -> List.<Object>of(mark.key(), mark.start(), mark.end()))
                        .toList());
    }

    /** Writes the page, in UTF-8. */
    @Override
    public void writeTo(OutputStream to) throws IOException {
        Map<String, Object> data = new LinkedHashMap<>();
        Map<String, Object> keys = new TreeMap<>();
        subjects.forEach((column, subject) -> keys.put(column, keys(subject)));
        data.put("parts", keys);
        data.put("cases", cases);
        data.put("left", left);
        Map<String, Object> page = new LinkedHashMap<>();
        page.put("title", title);
        page.put("style", Pages.text("page.css") + Pages.text("review.css"));
        String script = Pages.text("review.js");
        page.put("script", script);
        page.put("scriptHash", Pages.scriptHash(script));
        // Inside a script element "</" and "<!--" would end or change it, even within a string.
        String json = new ObjectMapper().writeValueAsString(data).replace("<", "\\u003c");
        page.put("data", VisibleText.inJson(json));
        to.write(Pages.template("review.html").execute(page).getBytes(StandardCharsets.UTF_8));
    }

    /** The parts of every day first, then the others. */
    private static List<String> keys(Subject subject) {
        List<String> keys = new ArrayList<>();
        subject.usualParts().forEach(part -> keys.add(part.key()));
        subject.allParts().stream()
                .filter(part -> !part.isFiner() && !keys.contains(part.key()))
                .forEach(part -> keys.add(part.key()));
        return keys;
    }
}
