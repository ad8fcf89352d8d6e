package io.inkwellsplit.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The pages as a reader meets them: in a browser, with the keyboard, with the mouse, by night and on paper. */
class PagesInBrowserTest {
    @TempDir
    static Path folder;

    private Browser browser;
    private Path list;

    @BeforeEach
    void start() throws IOException {
        Path here = Files.createTempDirectory(folder, "page");
        list = here.resolve("register.csv");
        browser = Browser.start(here);
    }

    @AfterEach
    void stop() {
        if (browser != null) {
            assertThat(browser.errors()).isEmpty();
            browser.close();
        }
    }

    @Test
    void theReportIsReadByEverybody() throws IOException {
        browser.open(new Register(list).page(list.resolveSibling("report.html")));
        assertThat(browser.script("document.title")).isEqualTo("register.csv – report");
        assertThat(browser.script("performance.getEntriesByType('resource').length"))
                .isEqualTo(0L);
        assertThat(browser.driver.findElement(By.tagName("main")).getText()).contains(Register.HOSTILE);
        for (String scheme : List.of("light", "dark")) {
            browser.media("screen", scheme);
            assertThat(browser.hindrances()).as(scheme).isEmpty();
        }
        assertThat(browser.script("getComputedStyle(document.body).backgroundColor"))
                .isEqualTo("rgb(20, 24, 31)");
        browser.media("print", "dark");
        assertThat(browser.script("getComputedStyle(document.body).backgroundColor"))
                .isEqualTo("rgb(255, 255, 255)");
        browser.media("screen", "light");
        for (int width : List.of(1280, 500)) {
            browser.width(width);
            assertThat(browser.script("document.documentElement.scrollWidth <= innerWidth"))
                    .isEqualTo(true);
        }
    }

    @Test
    void theRunnerUpIsTakenWithTheKeyboard() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        assertThat(browser.hindrances()).isEmpty();
        choose("MARLOW JAMES");
        type("2", Keys.ENTER);
        assertThat(saved()).contains("Patron,value,MARLOW JAMES,first=MARLOW; last=JAMES");
    }

    @Test
    void whatIsSuggestedIsTakenWithOneKey() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("PO Box 7, Harrow");
        assertThat(browser.driver
                        .findElement(By.cssSelector(".ways li:last-child"))
                        .getText())
                .contains("as suggested:", "postcode 04101");
        type("s", Keys.ENTER);
        assertThat(saved())
                .contains("Address,value,\"PO Box 7, Harrow Point, ME 4101\","
                        + "box=PO Box 7; city=Harrow Point; state=ME; postcode=04101");
    }

    @Test
    void aCutIsMovedWithTheKeyboard() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("Odalys van der Meulen");
        WebElement cut = browser.driver.findElement(By.cssSelector(".cut"));
        assertThat(cut.getAccessibleName()).startsWith("Cut between first and last");
        cut.sendKeys(Keys.ARROW_RIGHT);
        browser.driver.switchTo().activeElement().sendKeys(Keys.ARROW_RIGHT);
        type(Keys.ENTER);
        assertThat(saved()).contains("Patron,value,Odalys van der Meulen,first=Odalys van der; last=Meulen");
    }

    @Test
    void aCutIsDraggedWithTheMouse() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("Odalys van der Meulen");
        WebElement cut = browser.driver.findElement(By.cssSelector(".cut"));
        List<WebElement> words = browser.driver.findElements(By.cssSelector("#editor .word"));
        int wanted = words.get(2).getRect().x + words.get(2).getRect().width;
        new Actions(browser.driver)
                .clickAndHold(cut)
                .moveByOffset(wanted - cut.getRect().x, 0)
                .release()
                .perform();
        browser.driver.findElement(By.id("settle")).click();
        assertThat(saved()).contains("Patron,value,Odalys van der Meulen,first=Odalys van der; last=Meulen");
    }

    @Test
    void oneDecisionSettlesManyAndIsAddedToAnEarlierFile() throws Exception {
        Path earlier = list.resolveSibling("earlier.csv");
        Files.writeString(earlier, "Column,For,Text,Is\nPatron,word,Meulen,last\n");
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        browser.driver.findElement(By.id("earlier")).sendKeys(earlier.toString());
        choose("MARLOW JAMES");
        type("2");
        browser.driver.findElement(By.cssSelector("input[value=shape]")).click();
        browser.driver
                .findElement(By.cssSelector("input[name=word][value=MARLOW]"))
                .click();
        type(Keys.ENTER);
        assertThat(browser.driver.findElement(By.id("progress")).getText()).startsWith("2 of ");
        List<String> lines = saved();
        assertThat(lines)
                .containsExactly(
                        "Column,For,Text,Is",
                        "Patron,word,Meulen,last",
                        "Patron,shape,AA AA,first last",
                        "Patron,word,MARLOW,first");
        Register again = new Register(list, list.resolveSibling("corrections.csv"));
        assertThat(again.rows.get(0)).containsSequence("MARLOW JAMES", "", "MARLOW", "", "JAMES");
        assertThat(again.rows.get(1).subList(0, 5)).containsExactly("BRANDT OKONEDO", "", "BRANDT", "", "OKONEDO");
    }

    /** Addresses of one layout, whatever their shapes, are settled together: each as it is read. */
    @Test
    void addressesOfOneLayoutAreSettledTogether() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("14 Harbour Lane");
        WebElement group = browser.driver.findElement(By.cssSelector("input[value=group]"));
        assertThat(group.findElement(By.xpath("..")).getText())
                .isEqualTo("all 2 values of this layout and doubt here (2 rows), each as it is read");
        group.click();
        type(Keys.ENTER);
        assertThat(saved())
                .contains(
                        "Address,value,\"14 Harbour Lane, Wexcombe WX1 2AB\",street=14 Harbour Lane; city=Wexcombe; postcode=WX1 2AB",
                        "Address,value,\"3 QUAY STREET, DUNMERE CT5 1AB\",street=3 QUAY STREET; city=DUNMERE; postcode=CT5 1AB");
    }

    /** A large group is settled as a whole, and only its first values are listed. */
    @Test
    void aLargeGroupHidesNoOther() throws Exception {
        List<String> lines = new ArrayList<>(List.of("Patron;Address", "Ines Brandt;PO Box 7, Harrow Point, ME 4101"));
        for (int i = 1; i <= 120; i++) {
            lines.add("Ines Brandt;" + i + " Quay Street, Dunmere CT5 1AB");
        }
        Files.write(list, lines);
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("PO Box 7");
        choose("1 Quay Street");
        assertThat(browser.script("document.querySelectorAll('#list button').length"))
                .isEqualTo(52L);
        browser.driver.findElement(By.cssSelector("input[value=group]")).click();
        type(Keys.ENTER);
        assertThat(browser.driver.findElement(By.id("progress")).getText()).startsWith("120 of 122 values settled");
        assertThat(saved()).hasSize(121);
    }

    /** A last name that two people share stays that of both, until it is made something else. */
    @Test
    void whatTwoPeopleShareStaysWithBoth() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("Ines & Tobias Marrow");
        type(Keys.ENTER);
        assertThat(saved())
                .contains(
                        "Patron,value,Ines & Tobias Marrow,first=Ines; second_first=Tobias; last=Marrow; second_last=Marrow");
    }

    @Test
    void partsAreChosenAndValuesAreNeverMarkup() throws Exception {
        browser.open(new Register(list).review(list.resolveSibling("review.html")));
        choose("Hugh Pargeter and Wren Okonedo");
        new Select(browser.driver.findElement(By.cssSelector("select[aria-label='Part of Hugh']")))
                .selectByVisibleText("middle");
        type(Keys.ENTER);
        choose("<img");
        assertThat(browser.script("document.querySelectorAll('#editor img, #list img').length"))
                .isEqualTo(0L);
        assertThat(browser.driver.findElement(By.cssSelector("#editor h2")).getText())
                .isEqualTo(Register.HOSTILE);
        assertThat(saved())
                .anyMatch(line ->
                        line.startsWith("Patron,value,Hugh Pargeter and Wren Okonedo,middle=Hugh; last=Pargeter;"));
        assertThat(browser.script("document.title")).isEqualTo("register.csv – review");
    }

    private void choose(String start) {
        browser.driver.findElements(By.cssSelector("#list button")).stream()
                .filter(button ->
                        button.findElement(By.className("text")).getText().startsWith(start))
                .findFirst()
                .orElseThrow()
                .click();
    }

    private void type(CharSequence... keys) {
        new Actions(browser.driver).sendKeys(String.join("", keys)).perform();
    }

    private List<String> saved() throws IOException {
        Path file = list.resolveSibling("corrections.csv");
        browser.driver.executeCdpCommand(
                "Browser.setDownloadBehavior",
                Map.of("behavior", "allow", "downloadPath", String.valueOf(file.getParent())));
        browser.driver.findElement(By.id("save")).click();
        new WebDriverWait(browser.driver, Duration.ofSeconds(10)).until(driver -> Files.exists(file));
        return Files.readAllLines(file);
    }
}
