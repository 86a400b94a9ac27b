package wegweiser.app.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;

/** A made-up volunteer observatory to try everything on. */
public final class DemoWorkshop {
    private DemoWorkshop() {}

    /** Fills a folder and returns the job to open. */
    public static Path create(Path folder) throws IOException {
        Workshop workshop = new Workshop(folder);
        Files.createDirectories(workshop.jobs());
        Path file = workshop.jobs().resolve("mast-logger-to-dome-computer" + JobFile.ENDING);
        JobFile.write(file, mastLogger());
        return file;
    }

    /**
     * The mast logger must reach the dome computer. On the bench lies an unmarked lead that would fit both; the
     * simulation knows that it joins like names, which for two terminals is the wrong way.
     */
    public static Job mastLogger() {
        End logger = End.of("A", "Mast logger", "dsub-9-socket", pinout("rs232-9-terminal"))
                .withRole(Optional.of(Role.TERMINAL)).withPort("dsub-9-plug");
        End computer = End.of("B", "Dome computer", "modular-8p8c-plug", pinout("rs232-8p8c-terminal"))
                .withRole(Optional.of(Role.TERMINAL)).withPort("modular-8p8c-socket");
        List<Map<String, String>> lead = new ArrayList<>();
        for (String pair : List.of("1 2", "2 5", "3 6", "4 3", "5 4", "6 1", "7 8", "8 7")) {
            lead.add(Map.of("from", "A." + pair.substring(0, 1), "to", "B." + pair.substring(2)));
        }
        Map<String, Object> simulation = new LinkedHashMap<>();
        simulation.put("lead", lead);
        simulation.put("seed", 7);
        Job job = Job.of("Mast logger to dome computer", List.of(logger, computer), List.of(), List.of())
                .withCable(CableUse.of("utp-4x2-24", 1800));
        return job.withExtra(new Extra(Map.of("simulation", simulation)));
    }

    private static List<PinRow> pinout(String id) {
        return NamedPinout.find(id).orElseThrow().rows();
    }
}
