package wegweiser.app.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.library.Library;
import wegweiser.core.model.Job;
import wegweiser.core.route.Suits;
import wegweiser.core.shelf.FromShelf;
import wegweiser.core.shelf.Shelf;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;
import wegweiser.files.workshop.Workshop;

/**
 * Which of the cables in the logbook would join two ports.
 *
 * @param cables those whose connectors go into the ports, the best first
 * @param looked how many units were looked at
 * @param shelf what the shelf has for a new one; empty where nothing lies there or it cannot be read
 * @param trouble why the logbook could not be read, in a sentence; empty when it could
 */
record WouldDo(List<Found> cables, int looked, String trouble, Optional<FromShelf> shelf) {
    /** A unit and how it suits. */
    record Found(Unit unit, Suits suits) {
        /** It was tested, nothing was wrong with it, and it suits. */
        boolean would() {
            return suits.would() && unit.isGood();
        }
    }

    /** Looks through the logbook, at one unit of each wiring; not on the interface thread. */
    static WouldDo of(Job wanted, Workshop workshop, Library library) {
        Optional<FromShelf> shelf = shelf(wanted, workshop, library);
        if (!Files.exists(workshop.logbook())) {
            return new WouldDo(List.of(), 0, "", shelf);
        }
        try (Logbook log = Logbook.look(workshop.logbook())) {
            List<Unit> units = new ArrayList<>(log.all());
            units.sort(Comparator.comparing((Unit u) -> !u.isGood()).thenComparing(Unit::id,
                    Comparator.reverseOrder()));
            List<Found> found = new ArrayList<>();
            Set<String> seen = new HashSet<>();
            for (Unit unit : units) {
                if (seen.add(unit.ends() + unit.signature())) {
                    job(log, unit).flatMap(cable -> Suits.of(wanted, cable)).map(s -> new Found(unit, s))
                            .ifPresent(found::add);
                }
            }
            found.sort(Comparator.comparing((Found f) -> !f.would()).thenComparing(f -> !f.suits().would())
                    .thenComparing(f -> f.suits().errors().size() + f.suits().missing().size()));
            return new WouldDo(found, units.size(), "", shelf);
        } catch (IOException e) {
            return new WouldDo(List.of(), 0, e.getMessage(), shelf);
        }
    }

    private static Optional<FromShelf> shelf(Job wanted, Workshop workshop, Library library) {
        try {
            Shelf shelf = workshop.shelf(library).read();
            return shelf.lines().isEmpty()
                    ? Optional.empty()
                    : Optional.of(FromShelf.of(wanted, shelf, library));
        } catch (BadFile | IOException _) {
            // the bench says why it cannot be read
            return Optional.empty();
        }
    }

    private static Optional<Job> job(Logbook log, Unit unit) throws IOException {
        try {
            Optional<String> text = log.file(unit.id());
            return text.isEmpty() ? Optional.empty() : Optional.of(JobFile.parse(text.get(), unit.label()));
        } catch (BadFile _) {
            // a unit of a newer program; it is listed in the log all the same
            return Optional.empty();
        }
    }
}
