package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.model.Job;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

/** Checks a job against the rules. */
@Command(name = "check")
final class CheckCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    private record Result(List<Shape.Found> findings) {}

    @Override
    public Integer call() throws Exception {
        Job read = read(job);
        List<Finding> findings = Rules.check(read);
        List<String> lines = new ArrayList<>(Shape.lines(findings));
        if (findings.isEmpty()) {
            lines.add(t("cli.check.nothing"));
        }
        write(new Result(Shape.Found.of(findings)), lines);
        return Rules.blocking(read, findings).isEmpty() ? CommandLineApp.FINE : CommandLineApp.WRONG;
    }
}
