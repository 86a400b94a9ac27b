package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.core.batch.LabelNumbers;
import wegweiser.core.prove.Testing;
import wegweiser.files.sheet.Labels;
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

    @Option(names = "--labels", paramLabel = "NUMBERS")
    private String labels;

    @Option(names = "--fixture", defaultValue = "probes")
    private Fixture fixture;

    private record Result(String written, Set<String> missingLetters) {}

    @Override
    public Integer call() throws Exception {
        Set<String> missing = labels == null
                ? Sheets.write(read(job), label, file, Testing.with(fixture))
                : Labels.write(read(job), numbers(), file);
        List<String> lines = new ArrayList<>(List.of(t("cli.written", file)));
        if (!missing.isEmpty()) {
            lines.add(t("cli.letters", String.join(" ", missing)));
        }
        write(new Result(file.toString(), missing), lines);
        return CommandLineApp.FINE;
    }

    private List<String> numbers() {
        try {
            return LabelNumbers.parse(labels);
        } catch (IllegalArgumentException e) {
            throw new CommandLine.ParameterException(spec.commandLine(), e.getMessage());
        }
    }
}
