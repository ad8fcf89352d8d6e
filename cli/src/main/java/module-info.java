/** The command line. */
module io.inkwellsplit.cli {
    requires io.inkwellsplit.report;
    requires io.inkwellsplit.table;
    requires static transitive org.jspecify;
    requires com.fasterxml.jackson.databind;
    requires info.picocli;
    requires org.snakeyaml.engine.v2;
    requires me.tongfei.progressbar;

    opens io.inkwellsplit.cli to
            com.fasterxml.jackson.databind,
            info.picocli;
}
