package io.inkwellsplit.databases;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Driver;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.ServiceLoader;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;

/**
 * What leads to a database, in YAML: its URL, the user, where the password comes from, queries by name. The password itself
 * never stands in it.
 *
 * @param file the file
 * @param url the URL of JDBC
 * @param user the user; empty for none
 * @param password where the password comes from; null where none is needed
 * @param driver the jar of a driver that is not shipped; null for one that is
 * @param queries queries by their names
 */
record ConnectionFile(
        Path file,
        String url,
        String user,
        @Nullable Password password,
        @Nullable Path driver,
        Map<String, String> queries) {
    private static final List<String> KEYS = List.of("url", "user", "password", "driver", "queries");
    private static final Pattern SECRET = Pattern.compile("(?i)[?&;]password=|//[^/@]*:[^/@]*@");
    private static final int MOST_BYTES = 1 << 20;
    private static final int SECONDS_TO_CONNECT = 10;

    ConnectionFile {
        queries = Map.copyOf(queries);
    }

    /** @throws TableException if there is none, or it holds what it may not */
    static ConnectionFile read(Path file) {
        try {
            if (!Files.isRegularFile(file)) {
                throw new TableException(
                        Problem.INPUT, "There is no file " + file + "; check the name and the folder.");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw refused(file, "is too long for a connection file");
            }
            Object read = new Load(
                            LoadSettings.builder().setLabel(file.toString()).build())
                    .loadFromString(Files.readString(file));
            return new ConnectionFile.Reader(file).connection(read);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        } catch (YamlEngineException e) {
            // What the reader says of it may quote the text.
            throw new TableException(Problem.SETTING, file + " is no YAML; see docs/databases.md for one.", e);
        }
    }

    private static TableException refused(Path file, String why) {
        return new TableException(Problem.SETTING, file + " " + why + ".");
    }

    /** Looks at what stands in the file. */
    private record Reader(Path file) {
        ConnectionFile connection(@Nullable Object read) {
            Map<String, Object> keys = map(read, "url, user, password, driver, queries");
            for (String key : keys.keySet()) {
                if (!KEYS.contains(key)) {
                    String meant =
                            Nearest.of(key, KEYS).map(one -> "; " + one + "?").orElse("");
                    throw refused(file, "says " + key + ", which is none of " + String.join(", ", KEYS) + meant);
                }
            }
            String url = text(keys, "url");
            if (!url.startsWith("jdbc:")) {
                throw refused(file, "needs a url, such as jdbc:postgresql://localhost/register");
            }
            if (SECRET.matcher(url).find()) {
                throw refused(file, "has a password in its url; say under password where it comes from");
            }
            Map<String, String> queries = new LinkedHashMap<>();
            map(keys.getOrDefault("queries", Map.of()), "queries by their names")
                    .forEach((name, query) -> queries.put(name, String.valueOf(query)));
            String driver = text(keys, "driver");
            return new ConnectionFile(
                    file,
                    url,
                    text(keys, "user"),
                    keys.containsKey("password") ? password(keys.get("password")) : null,
                    driver.isEmpty() ? null : file.resolveSibling(driver),
                    queries);
        }

        private Password password(@Nullable Object said) {
            if (!(said instanceof Map)) {
                throw refused(
                        file,
                        "may not hold the password itself; write password: {environment: NAME}, "
                                + "{file: NAME} or {ask: true}");
            }
            Map<String, Object> from = map(said, "environment, file or ask");
            if (from.size() != 1) {
                throw refused(file, "needs one place where the password comes from: environment, file or ask");
            }
            String key = from.keySet().iterator().next();
            return switch (key) {
                case "environment" -> new Password.InEnvironment(text(from, key));
                case "file" -> new Password.InFile(file.resolveSibling(text(from, key)));
                case "ask" -> new Password.Asked(file.toString());
                default -> throw refused(file, "says password: {" + key + "}; it is environment, file or ask");
            };
        }

        private String text(Map<String, Object> keys, String key) {
            return String.valueOf(keys.getOrDefault(key, ""));
        }

        private Map<String, Object> map(@Nullable Object some, String what) {
            if (!(some instanceof Map<?, ?> map)) {
                throw refused(file, "holds no " + what);
            }
            Map<String, Object> keys = new LinkedHashMap<>();
            map.forEach((key, value) -> keys.put(String.valueOf(key), value == null ? "" : value));
            return keys;
        }
    }

    /** @throws TableException if the database cannot be reached, or refuses the user */
    Database connect() {
        try {
            DriverManager.setLoginTimeout(SECONDS_TO_CONNECT);
            return Database.of(file.toString(), connection(settings()), queries);
        } catch (SQLException e) {
            throw Trouble.connecting(file.toString(), e);
        }
    }

    /** Returns user and password, as a connection takes them. */
    Properties settings() {
        Properties settings = new Properties();
        if (!user.isEmpty()) {
            settings.setProperty("user", user);
        }
        if (password != null) {
            settings.setProperty("password", password.get());
        }
        return settings;
    }

    private Connection connection(Properties settings) throws SQLException {
        if (driver == null) {
            return DriverManager.getConnection(url, settings);
        }
        if (!Files.isRegularFile(driver)) {
            throw refused(file, "names the driver " + driver + ", and there is no such file");
        }
        try {
            // The loader lives as long as the driver's classes are used.
            URLClassLoader loader = new URLClassLoader(
                    new URL[] {driver.toUri().toURL()}, getClass().getClassLoader());
            for (Driver one : ServiceLoader.load(Driver.class, loader)) {
                if (one.acceptsURL(url)) {
                    return one.connect(url, settings);
                }
            }
        } catch (MalformedURLException e) {
            throw new TableException(Problem.SETTING, driver + " cannot be opened.", e);
        }
        throw refused(file, "names the driver " + driver + ", which has none for its url");
    }
}
