package io.inkwellsplit.bench;

import java.awt.Color;
import java.awt.Font;
import java.awt.Paint;
import java.io.IOException;
import java.nio.file.Path;
import java.text.NumberFormat;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jfree.chart.ChartFactory;
import org.jfree.chart.ChartUtils;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.StandardChartTheme;
import org.jfree.chart.axis.LogAxis;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTickUnitSource;
import org.jfree.chart.labels.ItemLabelAnchor;
import org.jfree.chart.labels.ItemLabelPosition;
import org.jfree.chart.labels.StandardCategoryItemLabelGenerator;
import org.jfree.chart.plot.CategoryPlot;
import org.jfree.chart.plot.PlotOrientation;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.renderer.category.BarRenderer;
import org.jfree.chart.renderer.category.StandardBarPainter;
import org.jfree.chart.renderer.xy.XYLineAndShapeRenderer;
import org.jfree.chart.ui.TextAnchor;
import org.jfree.data.category.DefaultCategoryDataset;
import org.jfree.data.xy.XYSeries;
import org.jfree.data.xy.XYSeriesCollection;

/**
 * Draws what {@link Ratios} found last: how many times as long as a copy a split takes, by rows, and where the time of the longest
 * table goes: {@code RatioFigures <results> <folder of the pictures>}.
 */
public final class RatioFigures {
    private static final int WIDTH = 1000;
    private static final int HEIGHT = 520;
    private static final int SMALLEST_LETTERS = 15;
    private static final double MARGIN = 0.1;
    /** The first works are the whole; what follows lies within them or beside them, and has another colour. */
    private static final int PIECES = 4;

    private static final Color INK = new Color(0x1d, 0x35, 0x57);
    private static final Color CLAY = new Color(0xb5, 0x53, 0x2d);

    private RatioFigures() {}

    public static void main(String[] args) throws IOException {
        List<Result> results = newest(Result.read(Path.of(args[0])));
        ChartUtils.saveChartAsPNG(Path.of(args[1], "ratio-by-rows.png").toFile(), ratios(results), WIDTH, HEIGHT);
        ChartUtils.saveChartAsPNG(Path.of(args[1], "time-by-work.png").toFile(), work(results), WIDTH, HEIGHT);
    }

    /** Returns the last results of each kind and number of rows. */
    static List<Result> newest(List<Result> results) {
        Map<String, Result> last = new LinkedHashMap<>();
        results.forEach(result -> last.put(result.rows() + " " + result.what(), result));
        return List.copyOf(last.values());
    }

    private static JFreeChart ratios(List<Result> results) {
        XYSeries wall = new XYSeries("time from start to end");
        XYSeries processor = new XYSeries("processor time");
        for (Result split : results) {
            if (split.what().equals(Ratios.SPLIT)) {
                Result copy = Result.copy(results.stream()
                        .filter(other -> other.rows() == split.rows())
                        .toList());
                wall.add(split.rows(), split.seconds() / copy.seconds());
                processor.add(split.rows(), split.processor() / copy.processor());
            }
        }
        XYSeriesCollection series = new XYSeriesCollection();
        series.addSeries(processor);
        series.addSeries(wall);
        JFreeChart chart = ChartFactory.createXYLineChart(
                "A split of names and addresses, beside a plain copy as wide by one thread",
                "rows of the table",
                "times as long as the copy",
                series,
                PlotOrientation.VERTICAL,
                true,
                false,
                false);
        letters(chart);
        XYPlot plot = chart.getXYPlot();
        LogAxis rows = new LogAxis("rows of the table");
        rows.setUpperMargin(MARGIN);
        rows.setLowerMargin(MARGIN);
        rows.setStandardTickUnits(new NumberTickUnitSource(true));
        rows.setNumberFormatOverride(NumberFormat.getIntegerInstance(Locale.ENGLISH));
        rows.setLabelFont(plot.getDomainAxis().getLabelFont());
        rows.setTickLabelFont(plot.getDomainAxis().getTickLabelFont());
        plot.setDomainAxis(rows);
        ((NumberAxis) plot.getRangeAxis()).setAutoRangeIncludesZero(true);
        plot.setBackgroundPaint(Color.WHITE);
        plot.setRangeGridlinePaint(Color.LIGHT_GRAY);
        XYLineAndShapeRenderer lines = new XYLineAndShapeRenderer(true, true);
        lines.setSeriesPaint(0, CLAY);
        lines.setSeriesPaint(1, INK);
        plot.setRenderer(lines);
        return chart;
    }

    private static JFreeChart work(List<Result> results) {
        DefaultCategoryDataset data = new DefaultCategoryDataset();
        int rows = results.stream()
                .map(Result::rows)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        shares(results.stream().filter(result -> result.rows() == rows).toList())
                .forEach((work, seconds) -> data.addValue(seconds, "seconds", work));
        JFreeChart chart = ChartFactory.createBarChart(
                String.format(Locale.ENGLISH, "Where the processor time of a split of %,d rows goes", rows),
                null,
                "seconds of processor time",
                data,
                PlotOrientation.HORIZONTAL,
                false,
                false,
                false);
        letters(chart);
        CategoryPlot plot = chart.getCategoryPlot();
        plot.setBackgroundPaint(Color.WHITE);
        plot.setRangeGridlinePaint(Color.LIGHT_GRAY);
        plot.getRangeAxis().setUpperMargin(MARGIN);
        BarRenderer bars = new BarRenderer() {
            @Override
            public Paint getItemPaint(int row, int column) {
                return column < PIECES ? INK : CLAY;
            }
        };
        plot.setRenderer(bars);
        bars.setBarPainter(new StandardBarPainter());
        bars.setShadowVisible(false);
        bars.setDefaultItemLabelGenerator(
                new StandardCategoryItemLabelGenerator("{2}", NumberFormat.getNumberInstance(Locale.ENGLISH)));
        bars.setDefaultItemLabelFont(plot.getRangeAxis().getTickLabelFont());
        bars.setDefaultPositiveItemLabelPosition(
                new ItemLabelPosition(ItemLabelAnchor.OUTSIDE3, TextAnchor.CENTER_LEFT));
        bars.setDefaultItemLabelsVisible(true);
        return chart;
    }

    /**
     * Returns what each kind of work takes, in seconds of processor time: names are what a split of both takes more than one of
     * addresses alone, addresses the other way round, and the table what neither they nor the start explain.
     */
    static Map<String, Double> shares(List<Result> results) {
        double both = processor(results, Ratios.SPLIT);
        double names = both - processor(results, Ratios.ADDRESSES);
        double addresses = both - processor(results, Ratios.NAMES);
        double start = processor(results, Ratios.START);
        Map<String, Double> shares = new LinkedHashMap<>();
        shares.put("start: the program, its words, one row", start);
        shares.put("the table: reading, making cells, writing", both - names - addresses - start);
        shares.put("names", names);
        shares.put("addresses", addresses);
        shares.put("of names and addresses: learning", both - processor(results, Ratios.NOT_LEARNED));
        shares.put("beside it: the plain copy", processor(results, Ratios.COPY));
        shares.replaceAll((work, seconds) -> Math.max(0, Math.round(seconds * 10) / 10.0));
        return shares;
    }

    private static double processor(List<Result> results, String what) {
        return results.stream()
                .filter(result -> result.what().equals(what))
                .findFirst()
                .orElseThrow()
                .processor();
    }

    private static void letters(JFreeChart chart) {
        StandardChartTheme theme = new StandardChartTheme("plain");
        theme.setExtraLargeFont(new Font(Font.SANS_SERIF, Font.BOLD, SMALLEST_LETTERS + 3));
        theme.setLargeFont(new Font(Font.SANS_SERIF, Font.PLAIN, SMALLEST_LETTERS));
        theme.setRegularFont(new Font(Font.SANS_SERIF, Font.PLAIN, SMALLEST_LETTERS));
        theme.apply(chart);
    }
}
