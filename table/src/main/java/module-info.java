/** Tables as streams of rows, the steps that work on them, surveys and corrections. */
module io.inkwellsplit.table {
    requires transitive io.inkwellsplit.core;
    requires static transitive org.jspecify;
    requires com.fasterxml.jackson.core;
    requires com.fasterxml.jackson.databind;
    requires org.snakeyaml.engine.v2;
    requires com.googlecode.ezvcard;
    requires re2j;
    requires de.siegmar.fastcsv;
    requires com.github.albfernandez.juniversalchardet;

    exports io.inkwellsplit.table;
    exports io.inkwellsplit.table.compare;
    exports io.inkwellsplit.table.contact;
    exports io.inkwellsplit.table.correct;
    exports io.inkwellsplit.table.csv;

    uses io.inkwellsplit.table.file.Packing;
    uses io.inkwellsplit.table.format.TableFormat;

    exports io.inkwellsplit.table.file;
    exports io.inkwellsplit.table.format;
    exports io.inkwellsplit.table.job;
    exports io.inkwellsplit.table.kind;
    exports io.inkwellsplit.table.part;
    exports io.inkwellsplit.table.run;
    exports io.inkwellsplit.table.sort;
    exports io.inkwellsplit.table.split;
    exports io.inkwellsplit.table.step;
    exports io.inkwellsplit.table.survey;
    exports io.inkwellsplit.table.where;
}
