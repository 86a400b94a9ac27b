package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.advice.Fixture;
import wegweiser.files.io.BadFile;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;
import wegweiser.files.workshop.Workshop;

/** The logbook. */
@Command(name = "log", description = "The logbook: list; add JOB; find WORDS, or find JOB for units with the same wiring.", footerHeading = "%nExample%n", footer = {
        "  wegweiser log add dome.wegweiser.json", "  wegweiser log find focuser"})
final class LogCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "list|add|find", description = "What to do.")
    private String what;

    @Parameters(index = "1..*", arity = "0..*", paramLabel = "JOB|WORDS", description = "A job file, or words to look for.")
    private List<String> rest = new ArrayList<>();

    @Option(names = "--workshop", paramLabel = "DIR", description = "The workshop folder.")
    private Path workshop;

    @Override
    public Integer call() throws Exception {
        Workshop shop = workshop == null ? Workshop.usual() : new Workshop(workshop);
        try (Logbook log = Logbook.open(shop.logbook())) {
            List<Unit> units = switch (what) {
                case "list" -> log.all();
                case "add" -> List.of(log.add(read(onlyFile()), Fixture.COMB,
                        Instant.now().truncatedTo(ChronoUnit.SECONDS).toString()));
                case "find" -> rest.size() == 1 && rest.getFirst().endsWith(".json")
                        ? log.sameWiring(read(Path.of(rest.getFirst())))
                        : log.find(String.join(" ", rest));
                default -> throw new BadFile(t("cli.log.what", what));
            };
            write(Map.of("units", units.stream().map(LogCommand::shape).toList()), units.stream()
                    .map(u -> u.label() + "  " + u.madeAt() + "  " + u.result() + "  " + u.job() + "  "
                            + u.ends() + "  " + u.wiring())
                    .toList());
        }
        return CommandLineApp.FINE;
    }

    private Path onlyFile() throws BadFile {
        if (rest.size() != 1) {
            throw new BadFile(t("cli.log.one"));
        }
        return Path.of(rest.getFirst());
    }

    private static Map<String, Object> shape(Unit unit) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("label", unit.label());
        map.put("job", unit.job());
        map.put("ends", unit.ends());
        map.put("wiring", unit.wiring());
        map.put("result", unit.result());
        map.put("madeAt", unit.madeAt());
        return map;
    }
}
