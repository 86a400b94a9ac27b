package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.files.sheet.Sheets;

/** Writes the sheet of a cable. */
@Command(name = "sheet")
final class SheetCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "-o", required = true, paramLabel = "FILE")
    private Path file;

    @Option(names = "--label", defaultValue = "")
    private String label;

    private record Result(String written, Set<String> missingLetters) {}

    @Override
    public Integer call() throws Exception {
        Set<String> missing = Sheets.write(read(job), label, file);
        List<String> lines = new ArrayList<>(List.of(t("cli.written", file)));
        if (!missing.isEmpty()) {
            lines.add(t("cli.letters", String.join(" ", missing)));
        }
        write(new Result(file.toString(), missing), lines);
        return CommandLineApp.FINE;
    }
}
