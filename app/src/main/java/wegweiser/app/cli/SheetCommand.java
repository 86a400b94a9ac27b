package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.files.sheet.Sheets;

/** Writes the sheet of a cable. */
@Command(name = "sheet", description = "Writes the sheet: .pdf, .svg, .html, .md or .csv by the ending.")
final class SheetCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Option(names = "-o", required = true, paramLabel = "FILE", description = "The file to write.")
    private Path file;

    @Option(names = "--label", defaultValue = "", description = "Label number of the unit.")
    private String label;

    @Override
    public Integer call() throws Exception {
        Sheets.write(read(job), label, file);
        write(Map.of("written", file.toString()), List.of("Written: " + file));
        return CommandLineApp.FINE;
    }
}
