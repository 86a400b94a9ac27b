package wegweiser.app.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** What all commands share: {@code --json}, and either one JSON object or plain lines on standard output. */
abstract class JobCommand implements Callable<Integer> {
    @CommandLine.Spec
    CommandLine.Model.CommandSpec spec;

    @CommandLine.Option(names = "--json", description = "Writes one JSON object and nothing else.")
    boolean json;

    @CommandLine.Option(names = {"-h", "--help"}, usageHelp = true, description = "Shows this help.")
    boolean help;

    static Job read(Path file) throws BadFile {
        return JobFile.read(file);
    }

    /** Writes the object as JSON, or the lines as text. */
    void write(Map<String, ?> object, List<String> lines) throws JsonProcessingException {
        if (json) {
            spec.commandLine().getOut().println(new ObjectMapper().writeValueAsString(object));
        } else {
            lines.forEach(spec.commandLine().getOut()::println);
        }
        spec.commandLine().getOut().flush();
    }

    static List<String> names(List<Terminal> terminals) {
        return terminals.stream().map(Terminal::toString).toList();
    }
}
