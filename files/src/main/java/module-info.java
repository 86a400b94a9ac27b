/** Job files, sheets, the logbook and the workshop folder: everything that touches a disk. */
module wegweiser.files {
    requires transitive wegweiser.core;
    requires com.fasterxml.jackson.databind;
    requires java.desktop;
    requires java.sql;
    requires org.apache.commons.csv;
    requires org.apache.pdfbox;
    requires org.xerial.sqlitejdbc;

    exports wegweiser.files.job;
    exports wegweiser.files.json;
    exports wegweiser.files.library;
    exports wegweiser.files.log;
    exports wegweiser.files.sheet;
    exports wegweiser.files.workshop;
}
