package wegweiser.app.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import java.nio.file.Path;
import java.util.List;
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

    @CommandLine.Option(names = "--json", scope = CommandLine.ScopeType.INHERIT)
    boolean json;

    @CommandLine.Option(names = {"-h",
            "--help"}, usageHelp = true, scope = CommandLine.ScopeType.INHERIT)
    boolean help;

    static Job read(Path file) throws BadFile {
        return JobFile.read(file);
    }

    /** Writes the members of a record or map as JSON, or the lines as text. */
    void write(Object result, List<String> lines) throws JsonProcessingException {
        if (json) {
            spec.commandLine().getOut().println(mapper().writeValueAsString(result));
        } else {
            lines.forEach(spec.commandLine().getOut()::println);
        }
        spec.commandLine().getOut().flush();
    }

    private static ObjectMapper mapper() {
        return new ObjectMapper().registerModule(
                new SimpleModule().addSerializer(Terminal.class, ToStringSerializer.instance));
    }

    static List<String> names(List<Terminal> terminals) {
        return terminals.stream().map(Terminal::toString).toList();
    }
}
