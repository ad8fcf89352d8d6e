/** The command line. */
module io.inkwellsplit.cli {
    requires io.inkwellsplit.report;
    requires io.inkwellsplit.table;
    requires static transitive org.jspecify;
    requires com.fasterxml.jackson.databind;
    requires info.picocli;
    requires me.tongfei.progressbar;

    opens io.inkwellsplit.cli.command to
            com.fasterxml.jackson.databind,
            info.picocli;
    opens io.inkwellsplit.cli.option to
            info.picocli;
}
