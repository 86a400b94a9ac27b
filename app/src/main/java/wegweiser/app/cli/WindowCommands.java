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
    @Command(name = "window")
    static final class Window {
        @Parameters(arity = "0..1", paramLabel = "JOB")
        private Path job;

        @Option(names = "--workshop", paramLabel = "FOLDER")
        private Path workshop;

        @Option(names = "--self-check")
        private boolean selfCheck;

        @Option(names = {"-h", "--help"}, usageHelp = true)
        private boolean help;
    }

    /** The demo. */
    @Command(name = "demo")
    static final class Demo {
        @Option(names = "--workshop", paramLabel = "FOLDER")
        private Path workshop;

        @Option(names = {"-h", "--help"}, usageHelp = true)
        private boolean help;
    }

    /** The pictures. */
    @Command(name = "screenshots")
    static final class Screenshots {
        @Parameters(arity = "0..1", paramLabel = "JOB")
        private Path job;

        @Option(names = "--out", paramLabel = "FOLDER")
        private Path out;

        @Option(names = "--size", paramLabel = "WIDTHxHEIGHT")
        private String size;

        @Option(names = {"-h", "--help"}, usageHelp = true)
        private boolean help;
    }

    /** Adds them to a command line. */
    static void addTo(CommandLine line) {
        line.addSubcommand(new Window());
        line.addSubcommand(new Demo());
        line.addSubcommand(new Screenshots());
    }
}
