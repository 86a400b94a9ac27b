/** Job files, sheets, the logbook and the workshop folder: everything that touches a disk. */
module wegweiser.files {
    requires transitive wegweiser.core;
    requires com.fasterxml.jackson.databind;
    requires com.fasterxml.jackson.datatype.jdk8;
    requires com.google.zxing;
    requires java.desktop;
    requires java.sql;
    // the PDF library frees its buffers through it where it is there
    requires jdk.unsupported;
    requires org.apache.commons.csv;
    // the PDF library names it nowhere, being no module itself
    requires org.apache.commons.logging;
    requires org.apache.fontbox;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires org.xerial.sqlitejdbc;

    exports wegweiser.files.io;
    exports wegweiser.files.job;
    exports wegweiser.files.json;
    exports wegweiser.files.library;
    exports wegweiser.files.log;
    exports wegweiser.files.sheet;
    exports wegweiser.files.workshop;

    // records are made and read by their components
    opens wegweiser.files.json to com.fasterxml.jackson.databind;
    opens wegweiser.files.library to com.fasterxml.jackson.databind;
}
