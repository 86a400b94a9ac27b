package wegweiser.app.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;

/** Proposes ways to join the ends of a job. */
@Command(name = "route", description = "Proposes ways to join the ends, best first.", footerHeading = "%nExample%n", footer = {
        "  wegweiser route dome.wegweiser.json --json"})
final class RouteCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file.")
    private Path job;

    @Override
    public Integer call() throws Exception {
        List<Scheme> schemes = Router.schemes(read(job));
        List<String> lines = new ArrayList<>();
        for (Scheme scheme : schemes) {
            lines.add(scheme.title() + " (" + scheme.id() + "): " + scheme.why());
            scheme.links()
                    .forEach(l -> lines.add("  " + l.from() + " – "
                            + l.to().map(Terminal::toString).orElse("insulated")
                            + l.conductor().map(c -> "  " + c).orElse("") + "  " + l.why().orElse("")));
            Shape.lines(scheme.findings()).forEach(l -> lines.add("  " + l));
        }
        write(Map.of("schemes", schemes.stream().map(RouteCommand::shape).toList()), lines);
        return schemes.isEmpty() || schemes.getFirst().errors() > 0
                ? CommandLineApp.WRONG
                : CommandLineApp.FINE;
    }

    private static Map<String, Object> shape(Scheme scheme) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", scheme.id());
        map.put("title", scheme.title());
        map.put("why", scheme.why());
        map.put("links", scheme.links().stream().map(Shape::link).toList());
        map.put("findings", scheme.findings().stream().map(Shape::finding).toList());
        return map;
    }
}
