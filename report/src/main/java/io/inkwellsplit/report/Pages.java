package io.inkwellsplit.report;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import io.inkwellsplit.table.VisibleText;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;

/** Templates and what pages carry with them, from the resources. */
final class Pages {
    private Pages() {}

    /** Returns a template; what it puts in is escaped for HTML, and has no hidden characters. */
    static Template template(String name) {
        return Mustache.compiler()
                .escapeHTML(true)
                .withFormatter(value -> VisibleText.lines(String.valueOf(value)))
                .compile(text(name));
    }

    /** Returns what lets a page run just this script: its SHA-256, as a Content Security Policy writes it. */
    static String scriptHash(String script) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(script.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
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
