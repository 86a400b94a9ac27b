package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.files.sheet.Sheets;

/** Writes the sheet of a cable. */
@Command(name = "sheet", description = "Writes the sheet: .pdf, .svg, .html, .md or .csv by the ending.", footerHeading = "%nExample%n", footer = {
        "  wegweiser sheet dome.wegweiser.json -o dome.pdf"})
final class SheetCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Option(names = "-o", required = true, paramLabel = "FILE", description = "The file to write.")
    private Path file;

    @Option(names = "--label", defaultValue = "", description = "Label number of the unit.")
    private String label;

    @Override
    public Integer call() throws Exception {
        Set<String> missing = Sheets.write(read(job), label, file);
        List<String> lines = new ArrayList<>(List.of(t("cli.written", file)));
        if (!missing.isEmpty()) {
            lines.add(t("cli.letters", String.join(" ", missing)));
        }
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("written", file.toString());
        map.put("missingLetters", List.copyOf(missing));
        write(map, lines);
        return CommandLineApp.FINE;
    }
}
