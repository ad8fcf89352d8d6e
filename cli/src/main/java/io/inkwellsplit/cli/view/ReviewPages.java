package io.inkwellsplit.cli.view;

import io.inkwellsplit.report.ReviewPage;
import io.inkwellsplit.table.job.ReviewForm;
import io.inkwellsplit.table.split.Subject;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** Doubtful values as a page for the browser. */
public final class ReviewPages implements ReviewForm {
    @Override
    public boolean takes(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".html") || name.endsWith(".htm");
    }

    @Override
    public Page start(String title, Map<String, Subject> subjects) {
        return new ReviewPage(title, subjects);
    }
}
