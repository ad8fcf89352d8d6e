package io.inkwellsplit.report;

import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;

/** A real browser without a window. */
final class Browser implements AutoCloseable {
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
    private static final Path DRIVER = Path.of("/usr/bin/chromedriver");

    /** It would warn of every browser that is younger than itself; kept here, as loggers are forgotten otherwise. */
    private static final Logger LOGGER = Logger.getLogger("org.openqa.selenium");

    final ChromeDriver driver;

    private Browser(ChromeDriver driver) {
        this.driver = driver;
    }

    /** Starts it; without Chromium the test is skipped, unless the environment says that it must be there. */
    static Browser start(Path downloads) {
        boolean there = Files.exists(CHROMIUM) && Files.exists(DRIVER);
        assumeTrue(there || "required".equals(System.getenv("INKWELL_BROWSER_TESTS")), "Chromium is not installed");
        LOGGER.setLevel(Level.SEVERE);
        ChromeOptions options = new ChromeOptions();
        options.setBinary(CHROMIUM.toFile());
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--window-size=1280,800");
        options.setExperimentalOption("prefs", Map.of("download.default_directory", downloads.toString()));
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(DRIVER.toFile())
                .usingAnyFreePort()
                .build();
        return new Browser(new ChromeDriver(service, options));
    }

    Browser open(Path page) {
        driver.get(page.toUri().toString());
        return this;
    }

    void width(int width) {
        driver.manage().window().setSize(new Dimension(width, 800));
    }

    /** Sets what the reader's machine asks for: light or dark, screen or print. */
    void media(String type, String scheme) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("media", type, "features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
    }

    Object script(String script) {
        Object result = driver.executeScript("return " + script);
        return result == null ? "" : result;
    }

    /** Returns what a reader with a screen reader, or with weak eyes, would stumble over. */
    List<String> hindrances() {
        return new AxeBuilder()
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "best-practice"))
                        .analyze(driver)
                        .getViolations()
                        .stream()
                        .map((Rule rule) -> rule.getId() + ": " + rule.getHelp() + " "
                                + rule.getNodes().get(0).getHtml())
                        .toList();
    }

    List<String> errors() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .toList();
    }

    @Override
    public void close() {
        driver.quit();
    }
}
