package wegweiser.app.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import wegweiser.app.demo.DemoWorkshop;

/**
 * Runs each command once, so that the launcher can keep the classes they load for quicker starts. What the
 * commands print is of no interest.
 */
public final class Training {
    private Training() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("wegweiser-training");
        Path job = DemoWorkshop.create(folder).toAbsolutePath();
        Path sheet = folder.resolve("sheet.svg");
        for (List<String> words : List.of(List.of("check", job.toString(), "--json"),
                List.of("route", job.toString(), "--json"),
                List.of("evidence", job.toString(), "--json"), List.of("make", job.toString(), "--json"),
                List.of("prove", job.toString(), "--hidden", job.toString(), "--fixture", "comb", "--json"),
                List.of("trace", job.toString(), "--hidden", job.toString(), "--fixture", "comb", "--json"),
                List.of("chain", job.toString(), "--json"),
                List.of("sheet", job.toString(), "-o", sheet.toString()),
                List.of("catalog", "show", "dsub-9-plug", "--json", "--workshop", folder.toString()),
                List.of("log", "list", "--workshop", folder.toString()), List.of("check", "none.json"),
                List.of("nonsense"))) {
            CommandLineApp.run(words.toArray(String[]::new));
        }
    }
}
