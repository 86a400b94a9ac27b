/** The window and the command line. */
module wegweiser.app {
    requires atlantafx.base;
    requires com.fasterxml.jackson.databind;
    requires info.picocli;
    requires java.desktop;
    requires javafx.controls;
    requires wegweiser.core;
    requires wegweiser.files;
    requires wegweiser.instruments;

    opens wegweiser.app.cli to info.picocli, com.fasterxml.jackson.databind;
    opens wegweiser.app to javafx.graphics;
    opens wegweiser.app.controls to javafx.graphics;

    exports wegweiser.app;
    exports wegweiser.app.cli;
    exports wegweiser.app.controls;
    exports wegweiser.app.ends;
    exports wegweiser.app.demo;
    exports wegweiser.app.stage;
    exports wegweiser.app.tour;
    exports wegweiser.app.window;
}
