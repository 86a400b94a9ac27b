package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;
import wegweiser.core.words.Words;

/** Proposes ways to join the ends of a job. */
@Command(name = "route")
final class RouteCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    private record Proposed(String id, String title, String why, List<Shape.Joined> links,
            List<Shape.Found> findings) {
        static Proposed of(Scheme s) {
            return new Proposed(s.id(), s.title(), s.why(), s.links().stream().map(Shape.Joined::of).toList(),
                    Shape.Found.of(s.findings()));
        }
    }

    private record Result(List<Proposed> schemes) {}

    @Override
    public Integer call() throws Exception {
        List<Scheme> schemes = Router.schemes(read(job));
        List<String> lines = new ArrayList<>();
        for (Scheme scheme : schemes) {
            lines.add(scheme.title() + " (" + scheme.id() + "): " + scheme.why());
            scheme.links()
                    .forEach(l -> lines.add("  " + l.from() + " – "
                            + l.to().map(Terminal::toString).orElse(Words.say("sheet.insulated"))
                            + l.conductor().map(c -> "  " + c).orElse("") + "  " + l.why().orElse("")));
            Shape.lines(scheme.findings()).forEach(l -> lines.add("  " + l));
        }
        write(new Result(schemes.stream().map(Proposed::of).toList()), lines);
        return schemes.isEmpty() || schemes.getFirst().errors() > 0
                ? CommandLineApp.WRONG
                : CommandLineApp.FINE;
    }
}
