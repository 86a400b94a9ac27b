package wegweiser.app.cli;

import java.nio.file.Path;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * What opens the window, for the help and the completion alone: these words are taken by the window before a command line
 * sees them, so that no command loads a class of the interface.
 */
@SuppressWarnings("unused") // read by the window from the words themselves
final class WindowCommands {
    private WindowCommands() {}

    /** The window itself. */
    @Command(name = "window", description = "Opens the window, on the job named or the one of the last time.", footerHeading = "%nExample%n", footer = "  wegweiser dome.wegweiser.json")
    static final class Window {
        @Parameters(arity = "0..1", paramLabel = "JOB", description = "A job file.")
        private Path job;

        @Option(names = "--workshop", paramLabel = "FOLDER", description = "The folder to work in.")
        private Path workshop;

        @Option(names = "--self-check", description = "Tries in the window all that needs a library, and ends.")
        private boolean selfCheck;

        @Option(names = {"-h", "--help"}, usageHelp = true, description = "Shows this help.")
        private boolean help;
    }

    /** The demo. */
    @Command(name = "demo", description = "Opens the window on a made-up workshop that is gone afterwards.", footerHeading = "%nExample%n", footer = "  wegweiser demo")
    static final class Demo {
        @Option(names = "--workshop", paramLabel = "FOLDER", description = "Keeps the demo in this folder.")
        private Path workshop;

        @Option(names = {"-h", "--help"}, usageHelp = true, description = "Shows this help.")
        private boolean help;
    }

    /** The pictures. */
    @Command(name = "screenshots", description = "Takes pictures of every view, of the demo or of one job.", footerHeading = "%nExample%n", footer = "  wegweiser screenshots dome.wegweiser.json --out pictures --size 1024x700")
    static final class Screenshots {
        @Parameters(arity = "0..1", paramLabel = "JOB", description = "A job file.")
        private Path job;

        @Option(names = "--out", paramLabel = "FOLDER", description = "Where the pictures go.")
        private Path out;

        @Option(names = "--size", paramLabel = "WIDTHxHEIGHT", description = "The size of the window.")
        private String size;

        @Option(names = {"-h", "--help"}, usageHelp = true, description = "Shows this help.")
        private boolean help;
    }

    /** Adds them to a command line. */
    static void addTo(CommandLine line) {
        line.addSubcommand(new Window());
        line.addSubcommand(new Demo());
        line.addSubcommand(new Screenshots());
    }
}
