package io.inkwellsplit.report;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Templates and what pages carry with them, from the resources. */
final class Pages {
    private Pages() {}

    /** Returns a template; what it puts in is escaped for HTML. */
    static Template template(String name) {
        return Mustache.compiler().escapeHTML(true).compile(text(name));
    }

    static String text(String name) {
        try (InputStream in = Pages.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the resource " + name + " is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
