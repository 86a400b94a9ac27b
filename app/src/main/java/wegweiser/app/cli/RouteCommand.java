package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.conductors.ConductorWhy;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Part;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.route.LeftOpen;
import wegweiser.core.route.NoWay;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;
import wegweiser.core.words.Words;
import wegweiser.files.job.JobFile;

/** Proposes ways to join the ends of a job. */
@Command(name = "route")
final class RouteCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "--take", paramLabel = "N")
    private Integer take;

    @Option(names = "-o", paramLabel = "FILE")
    private Path file;

    private record Proposed(String id, String title, String why, List<Link> links,
            List<Shape.Found> findings, List<Open> open) {
        static Proposed of(Job job, Scheme s) {
            Derived planned = Derived.of(s.applyTo(job));
            return new Proposed(s.id(), s.title(), s.why(),
                    s.links().stream().map(l -> Link.of(planned, l)).toList(), Shape.Found.of(s.findings()),
                    LeftOpen.of(planned).entrySet().stream()
                            .map(e -> new Open(e.getKey(), e.getValue())).toList());
        }
    }

    /** A link, and why it lies on its conductor. */
    private record Link(@JsonUnwrapped Shape.Joined joined,
            @JsonInclude(JsonInclude.Include.NON_NULL) String conductorWhy) {
        static Link of(Derived planned, wegweiser.core.model.Link link) {
            return new Link(Shape.Joined.of(link), ConductorWhy.of(planned, link).orElse(null));
        }
    }

    /** A contact that is left open, and why. */
    private record Open(Terminal contact, String why) {}

    private record Result(List<Proposed> schemes) {}

    @Override
    public Integer call() throws Exception {
        Job wanted = read(job);
        List<Scheme> schemes = Router.schemes(wanted);
        if (take != null || file != null) {
            take(wanted, schemes);
        }
        List<String> lines = new ArrayList<>();
        for (Scheme scheme : schemes) {
            lines.add(scheme.title() + " (" + scheme.id() + "): " + scheme.why());
            scheme.links()
                    .forEach(l -> lines.add("  " + l.from() + " – "
                            + l.to().map(Terminal::toString).orElse(Words.say("sheet.insulated"))
                            + l.part().map(RouteCommand::words).orElse("")
                            + l.conductor().map(c -> "  " + c).orElse("") + "  " + l.why().orElse("")));
            LeftOpen.of(Derived.of(scheme.applyTo(wanted))).values().forEach(why -> lines.add("  " + why));
            Shape.lines(scheme.findings()).forEach(l -> lines.add("  " + l));
        }
        if (schemes.isEmpty()) {
            lines.addAll(NoWay.because(Derived.of(wanted.withLinks(List.of()))));
        }
        write(new Result(schemes.stream().map(s -> Proposed.of(wanted, s)).toList()), lines);
        return schemes.isEmpty() || schemes.getFirst().errors() > 0
                ? CommandLineApp.WRONG
                : CommandLineApp.FINE;
    }

    /** Writes the job with one of the ways as its plan. */
    private void take(Job wanted, List<Scheme> schemes) throws Exception {
        if (take == null || file == null) {
            throw new CommandLine.ParameterException(spec.commandLine(), t("cli.route.take-and-file"));
        }
        if (take < 1 || take > schemes.size()) {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    t("cli.route.no-such-way", take, schemes.size()));
        }
        JobFile.write(file, schemes.get(take - 1).applyTo(wanted));
    }

    private static String words(Part part) {
        return "  " + Words.say("linked." + part.kind().id()) + (part.ohms().isPresent()
                ? " " + Quantity.words(part.ohms().getAsDouble(), Unit.OHM)
                : part.amps().isPresent() ? " " + Quantity.words(part.amps().getAsDouble(), Unit.AMP) : "");
    }
}
