package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.core.prove.Testing;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;
import wegweiser.files.workshop.Workshop;

/** The logbook. */
@Command(name = "log")
final class LogCommand extends JobCommand {
    @Option(names = "--workshop", scope = CommandLine.ScopeType.INHERIT, paramLabel = "DIR")
    private Path workshop;

    private record Listed(String label, String job, String ends, String wiring, String result,
            String madeAt) {}

    private record Result(List<Listed> units) {}

    @Override
    public Integer call() {
        throw new CommandLine.ParameterException(spec.commandLine(), t("cli.log.what"));
    }

    @Command(name = "list")
    int list() throws Exception {
        try (Logbook log = Logbook.look(logbook(true))) {
            return tell(log.all());
        }
    }

    @Command(name = "add")
    int add(@Parameters(paramLabel = "JOB") Path job) throws Exception {
        try (Logbook log = Logbook.open(logbook(false))) {
            return tell(List.of(
                    log.add(read(job), Testing.with(Fixture.COMB),
                            Instant.now().truncatedTo(ChronoUnit.SECONDS).toString())));
        }
    }

    @Command(name = "find")
    int find(
            @Parameters(arity = "0..*", paramLabel = "JOB|WORDS") List<String> words)
            throws Exception {
        List<String> wanted = words == null ? new ArrayList<>() : words;
        try (Logbook log = Logbook.look(logbook(true))) {
            return tell(wanted.size() == 1 && wanted.getFirst().endsWith(".json")
                    ? log.sameWiring(read(Path.of(wanted.getFirst())))
                    : log.find(String.join(" ", wanted)));
        }
    }

    /** The file of the logbook. Whoever only looks is told when there is no such workshop, and none is made. */
    private Path logbook(boolean mustBeThere) throws IOException {
        if (workshop == null) {
            return Workshop.chosen().logbook();
        }
        if (workshop.toString().isBlank()) {
            throw new IllegalArgumentException(t("cli.workshop.blank"));
        }
        if (mustBeThere && !Files.isDirectory(workshop)) {
            throw new IOException(t("cli.workshop.none", workshop));
        }
        return new Workshop(workshop).logbook();
    }

    private int tell(List<Unit> units) throws JsonProcessingException {
        List<Listed> listed = units.stream()
                .map(u -> new Listed(u.label(), u.job(), u.ends(), u.wiring(), u.result(), u.madeAt()))
                .toList();
        write(new Result(listed),
                units.stream().map(u -> u.label() + "  " + u.madeAt() + "  "
                        + (u.said().isEmpty() ? u.result() : u.said()) + "  "
                        + u.job() + "  " + u.ends() + "  " + u.wiring()).toList());
        return CommandLineApp.FINE;
    }
}
