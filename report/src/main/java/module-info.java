/** Pages about a run, to read or to settle, and their figures. */
module io.inkwellsplit.report {
    requires transitive io.inkwellsplit.table;
    requires static transitive org.jspecify;
    requires java.desktop;
    requires java.xml;
    requires org.apache.xmlgraphics.batik.awt.util;
    requires org.apache.xmlgraphics.batik.svggen;
    requires com.fasterxml.jackson.databind;
    requires com.samskivert.jmustache;
    requires org.jfree.jfreechart;

    exports io.inkwellsplit.report;
}
