/**
 * Pages and figures for people. Start from {@link io.inkwellsplit.report.Report}:
 *
 * <pre>{@code
 * Report report = Report.builder("box-office.csv").survey(Survey.of(source)).column(...).build();
 * report.page(stream);
 * report.figures().forEach(figure -> figure.png(folder));
 * }</pre>
 *
 * <p>{@link io.inkwellsplit.report.ReviewPage} is the page on which doubtful values are settled.
 */
@NullMarked
package io.inkwellsplit.report;

import org.jspecify.annotations.NullMarked;
