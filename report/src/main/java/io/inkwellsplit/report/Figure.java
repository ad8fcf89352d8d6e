package io.inkwellsplit.report;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.awt.Font;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.text.NumberFormat;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.batik.svggen.SVGGraphics2DIOException;
import org.jfree.chart.ChartUtils;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.AxisLocation;
import org.jfree.chart.axis.CategoryAxis;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.block.BlockBorder;
import org.jfree.chart.labels.ItemLabelAnchor;
import org.jfree.chart.labels.ItemLabelPosition;
import org.jfree.chart.labels.StandardCategoryItemLabelGenerator;
import org.jfree.chart.plot.CategoryPlot;
import org.jfree.chart.plot.PlotOrientation;
import org.jfree.chart.renderer.category.StackedBarRenderer;
import org.jfree.chart.renderer.category.StandardBarPainter;
import org.jfree.chart.title.LegendTitle;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.chart.ui.TextAnchor;
import org.jfree.data.category.CategoryDataset;
import org.jfree.data.category.DefaultCategoryDataset;
import org.w3c.dom.Document;

/**
 * Bars of counts, each in two pieces: what was read with confidence, and what is doubtful.
 *
 * @param name a short name for files, such as {@code Patron-doubts}
 * @param title what it shows
 * @param bars the bars, from top to bottom
 */
public record Figure(String name, String title, List<Bar> bars) {
    private static final int BAR_HEIGHT = 26;
    private static final int FRAME = 78;
    private static final int WIDTH = 560;
    private static final int SLIDE_WIDTH = 1600;
    private static final int SLIDE_HEIGHT = 900;
    private static final int LONGEST_LABEL = 28;

    /**
     * A bar.
     *
     * @param label what it counts
     * @param certain how many values have no doubt
     * @param doubtful how many have one
     */
    public record Bar(String label, long certain, long doubtful) {
        long all() {
            return certain + doubtful;
        }
    }

    /** Copies the list. */
    public Figure {
        bars = List.copyOf(bars);
    }

    /**
     * Tries whether letters can be drawn, before anything else is done.
     *
     * @throws TableException if the machine has no fonts, or lacks what finds them
     */
    public static void checkFonts() {
        checkFonts(() -> Objects.requireNonNull(new Font(Font.SANS_SERIF, Font.PLAIN, 12).getFamily()));
    }

    static void checkFonts(Runnable drawn) {
        try {
            drawn.run();
        } catch (InternalError | LinkageError | RuntimeException e) {
            throw new TableException(
                    Problem.OUTPUT,
                    "Reports and figures need fonts, and this machine has none that can be found. Install fontconfig and a font, "
                            + "such as the packages fontconfig and fonts-dejavu-core, or leave the report and the figures out.",
                    e);
        }
    }

    /** Returns what it shows, in a sentence for those who do not see it. */
    String alternative() {
        return title + ": "
                + bars.stream()
                        .map(bar -> bar.label() + " " + bar.all()
                                + (bar.doubtful() > 0 && bar.certain() > 0 ? " (" + bar.doubtful() + " doubtful)" : ""))
                        .collect(Collectors.joining(", "))
                + ".";
    }

    /** Returns it as SVG to stand in a page, whose colours it takes. */
    String svg() {
        int height = FRAME + BAR_HEIGHT * bars.size();
        SVGGraphics2D graphics = new SVGGraphics2D(document());
        chart(Palette.NAMES, 12, false).draw(graphics, new Rectangle2D.Double(0, 0, WIDTH, height));
        StringWriter text = new StringWriter();
        try {
            graphics.stream(text, false);
        } catch (SVGGraphics2DIOException e) {
            throw new IllegalStateException(e);
        }
        String svg = text.toString();
        // The caption and the description stand in the page around it; inside, letters would be read out one by one.
        String open = String.format(
                Locale.ROOT,
                "<svg viewBox=\"0 0 %d %d\" width=\"%d\" height=\"%d\" aria-hidden=\"true\" focusable=\"false\"",
                WIDTH,
                height,
                WIDTH,
                height);
        // Several figures stand in one page: each needs names of its own.
        svg = svg.replaceAll("(id=\"|url\\(#)", "$1" + name.replaceAll("[^A-Za-z0-9]", "") + "-");
        return Palette.named(open + svg.substring(svg.indexOf("<svg") + "<svg".length()));
    }

    /** Writes it as a picture of 1600 × 900 points, for slides. */
    public void png(OutputStream to) throws IOException {
        ChartUtils.writeChartAsPNG(to, chart(Palette.SLIDE, 26, true), SLIDE_WIDTH, SLIDE_HEIGHT);
    }

    private static Document document() {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .getDOMImplementation()
                    .createDocument("http://www.w3.org/2000/svg", "svg", null);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    private JFreeChart chart(Palette colours, int size, boolean titled) {
        Font font = new Font(Font.SANS_SERIF, Font.PLAIN, size);
        NumberAxis counts = new NumberAxis("values");
        counts.setLabelFont(font);
        counts.setLabelPaint(colours.ink());
        counts.setStandardTickUnits(NumberAxis.createIntegerTickUnits(Locale.ROOT));
        counts.setNumberFormatOverride(NumberFormat.getIntegerInstance(Locale.ROOT));
        counts.setUpperMargin(0.12);
        counts.setTickLabelFont(font);
        counts.setTickLabelPaint(colours.ink());
        counts.setAxisLineVisible(false);
        counts.setTickMarksVisible(false);
        CategoryAxis labels = new CategoryAxis();
        labels.setTickLabelFont(font);
        labels.setTickLabelPaint(colours.ink());
        labels.setAxisLinePaint(colours.line());
        labels.setTickMarksVisible(false);
        labels.setMaximumCategoryLabelWidthRatio(0.6f);
        labels.setLowerMargin(0.01);
        labels.setUpperMargin(0.01);
        labels.setCategoryMargin(0.3);
        CategoryPlot plot = new CategoryPlot(dataset(), labels, counts, renderer(colours, font));
        plot.setOrientation(PlotOrientation.HORIZONTAL);
        plot.setRangeAxisLocation(AxisLocation.BOTTOM_OR_LEFT);
        plot.setBackgroundPaint(colours.paper());
        plot.setOutlineVisible(false);
        plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
        plot.setRangeGridlinePaint(colours.line());
        plot.setInsets(new RectangleInsets(4, 4, 4, 12));
        JFreeChart chart = new JFreeChart(null, font, plot, true);
        chart.setBackgroundPaint(colours.paper());
        chart.setBorderVisible(false);
        chart.setPadding(titled ? new RectangleInsets(30, 40, 30, 40) : RectangleInsets.ZERO_INSETS);
        LegendTitle legend = chart.getLegend();
        legend.setItemFont(font);
        legend.setItemPaint(colours.ink());
        legend.setBackgroundPaint(colours.paper());
        legend.setFrame(BlockBorder.NONE);
        legend.setVisible(bars.stream().anyMatch(bar -> bar.doubtful() > 0)
                && bars.stream().anyMatch(bar -> bar.certain() > 0));
        if (titled) {
            chart.setTitle(title);
            chart.getTitle().setFont(new Font(Font.SANS_SERIF, Font.BOLD, size + 10));
            chart.getTitle().setPaint(colours.ink());
        }
        return chart;
    }

    private DefaultCategoryDataset dataset() {
        DefaultCategoryDataset data = new DefaultCategoryDataset();
        for (Bar bar : bars) {
            String label = label(bar.label(), data);
            data.addValue(bar.certain(), "read with confidence", label);
            data.addValue(bar.doubtful(), "doubtful", label);
        }
        return data;
    }

    /** Labels that would be alike once shortened stay apart, as bars with the same label would become one. */
    private static String label(String full, DefaultCategoryDataset data) {
        String label = full.length() > LONGEST_LABEL ? full.substring(0, LONGEST_LABEL - 1) + "…" : full;
        while (data.getColumnIndex(label) >= 0) {
            label += " ";
        }
        return label;
    }

    private StackedBarRenderer renderer(Palette colours, Font font) {
        StackedBarRenderer renderer = new StackedBarRenderer();
        renderer.setBarPainter(new StandardBarPainter());
        renderer.setShadowVisible(false);
        renderer.setDrawBarOutline(false);
        renderer.setMaximumBarWidth(0.12);
        renderer.setSeriesPaint(0, colours.certain());
        renderer.setSeriesPaint(1, colours.doubtful());
        // The count of both pieces stands behind the last one that is there.
        renderer.setDefaultItemLabelGenerator(new StandardCategoryItemLabelGenerator() {
            @Override
            public String generateLabel(CategoryDataset data, int piece, int bar) {
                boolean last = (bars.get(bar).doubtful() > 0) == (piece == 1);
                return last ? String.format(Locale.ROOT, "%,d", bars.get(bar).all()) : "";
            }
        });
        renderer.setDefaultItemLabelsVisible(true);
        renderer.setDefaultItemLabelFont(font);
        renderer.setDefaultItemLabelPaint(colours.ink());
        renderer.setDefaultPositiveItemLabelPosition(
                new ItemLabelPosition(ItemLabelAnchor.OUTSIDE3, TextAnchor.CENTER_LEFT));
        return renderer;
    }
}
