package io.inkwellsplit.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.report.Figure.Bar;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnReadings.Mark;
import io.inkwellsplit.table.survey.ColumnReadings.Sample;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ReportTest {
    @TempDir
    Path folder;

    @Test
    void thePageEscapesEveryValueAndAsksNothingFromOutside() throws IOException {
        String page = Files.readString(new Register(folder.resolve("register.csv")).page(folder.resolve("r.html")));
        assertThat(page)
                .contains("&lt;img src", "default-src 'none'", "<h1>register.csv</h1>")
                .contains("To settle what is doubtful, split again with --review review.html")
                .doesNotContain("<img", "<script", "<b>Brandt", "{{");
        assertThat(page).doesNotContainPattern("(src|href)=\"(?!#)");
        assertThat(page.replace("http://www.w3.org/", "")).doesNotContain("http://", "https://");
    }

    @Test
    void aMachineWithoutFontsIsToldInASentence() {
        Figure.checkFonts(() -> {});
        List<Runnable> without = List.of(
                () -> {
                    throw new InternalError("no fonts");
                },
                () -> {
                    throw new UnsatisfiedLinkError("no library");
                },
                () -> {
                    throw new IllegalStateException("no configuration");
                });
        for (Runnable drawn : without) {
            assertThatThrownBy(() -> Figure.checkFonts(drawn))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("need fonts")
                    .hasMessageContaining("fontconfig");
        }
    }

    @Test
    void theSameTableGivesTheSamePage() throws IOException {
        Path list = folder.resolve("register.csv");
        Path one = new Register(list).page(folder.resolve("one.html"));
        assertThat(new Register(list).page(folder.resolve("two.html"))).hasSameBinaryContentAs(one);
    }

    @Test
    void figuresShowWhatWasCounted() throws IOException {
        Register register = new Register(folder.resolve("register.csv"));
        assertThat(register.report.figures())
                .extracting(Figure::name)
                .contains("Patron-confidence", "Patron-doubts", "Patron-layouts", "Address-parts");
        ColumnReadings patrons =
                Objects.requireNonNull(register.report.columns().get("Patron"));
        Figure confidence = register.report.figures().get(0);
        assertThat(confidence.bars().stream().mapToLong(Bar::all).sum()).isEqualTo(patrons.read());
        assertThat(confidence.bars().stream().mapToLong(Bar::doubtful).sum()).isEqualTo(patrons.doubtful());
        assertThat(confidence.alternative()).startsWith("How sure the readings of Patron are: ");
    }

    @Test
    void aFigureIsASlideAndAPieceOfAPage() throws IOException {
        Figure figure = new Figure(
                "x", "Shapes", List.of(new Bar("Aa Aa", 40, 2), new Bar("Aa Aa ".repeat(9), 7, 0), new Bar("", 0, 1)));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        figure.png(png);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png.toByteArray()));
        assertThat(image.getWidth()).isEqualTo(1600);
        assertThat(image.getHeight()).isEqualTo(900);
        assertThat(figure.svg())
                .startsWith("<svg viewBox")
                .contains("var(--certain)", "var(--doubtful)", ">42<", ">7<", "aria-hidden=\"true\"")
                .doesNotContain("rgb(");
    }

    @Test
    void everyPieceOfATextIsMarkedOnce() {
        Sample sample = new Sample(
                "Meulen, Odalys van der (x)",
                "person",
                1,
                List.of(new Mark("last", 0, 6), new Mark("first", 8, 14), new Mark("last", 15, 22)),
                List.of());
        assertThat(MarkedText.of(sample).stream().map(MarkedText.Piece::text).collect(Collectors.joining()))
                .isEqualTo(sample.text());
        assertThat(MarkedText.of(sample).stream().filter(MarkedText.Piece::isPart))
                .extracting(MarkedText.Piece::key)
                .containsExactly("last", "first", "last");
    }
}
