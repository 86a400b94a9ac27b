/** The window and the command line. */
module wegweiser.app {
    requires atlantafx.base;
    requires com.fasterxml.jackson.databind;
    requires info.picocli;
    requires javafx.controls;
    requires wegweiser.core;
    requires wegweiser.files;
    requires wegweiser.instruments;

    opens wegweiser.app.cli to info.picocli;

    exports wegweiser.app;
    exports wegweiser.app.cli;
}
