/** Spreadsheets as tables: found by the table module as a service. */
module io.inkwellsplit.sheets {
    requires io.inkwellsplit.table;
    requires static org.jspecify;
    requires java.xml;
    requires aircompressor;

    provides io.inkwellsplit.table.file.Packing with
            io.inkwellsplit.sheets.Zstd;
    provides io.inkwellsplit.table.format.TableFormat with
            io.inkwellsplit.sheets.XlsxFormat,
            io.inkwellsplit.sheets.OdsFormat;
}
