package wegweiser.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;

/** Jobs and indexes for tests. */
public final class Samples {
    private Samples() {}

    /** A job between two connectors without pinouts; links as words such as "2-3 3-2" or "A.7-A.8". */
    public static Job job(String near, String far, String links) {
        List<Link> all = new ArrayList<>();
        for (String word : links.isBlank() ? new String[0] : links.strip().split("\\s+")) {
            String[] two = word.split("-");
            all.add(two[0].contains(".") ? Link.of(two[0], two[1]) : Link.of("A." + two[0], "B." + two[1]));
        }
        return Job.of("sample",
                List.of(End.of("A", "Mast logger", near, List.of()),
                        End.of("B", "Dome computer", far, List.of())),
                all,
                List.of());
    }

    /** Two serial ports with named pinouts. */
    public static Job serial(String pinoutA, String connectorA, String pinoutB, String connectorB,
            String links) {
        Job job = job(connectorA, connectorB, links);
        End a = job.ends().get(0).withPinout(NamedPinout.find(pinoutA).orElseThrow().rows())
                .withRole(role(pinoutA));
        End b = job.ends().get(1).withPinout(NamedPinout.find(pinoutB).orElseThrow().rows())
                .withRole(role(pinoutB));
        return job.withEnds(List.of(a, b));
    }

    private static Optional<Role> role(String pinout) {
        return Optional.of(pinout.endsWith("modem") ? Role.MODEM : Role.TERMINAL);
    }

    /** Two terminal-like ports on D-sub 9. */
    public static Job twoTerminals(String links) {
        return serial("rs232-9-terminal", "dsub-9-socket", "rs232-9-terminal", "dsub-9-socket", links);
    }

    /** A job with readings such as "A.1 B.1 beep" or "A.1 A.2 silent", separated by semicolons. */
    public static Job readings(Job job, String text) {
        Job result = job;
        for (String line : text.split(";")) {
            result = result.withReading(wegweiser.core.readings.TypedReading.parse(line, job));
        }
        return result;
    }

    /** An index of n terminals of two ends in turn: A.1, B.1, A.2, ... */
    public static TerminalIndex index(int n) {
        List<Terminal> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(new Terminal(i % 2 == 0 ? "A" : "B", String.valueOf(1 + i / 2)));
        }
        return new TerminalIndex(all);
    }

    public static TerminalIndex index(Job job) {
        return new TerminalIndex(Terminals.of(job));
    }

    /** A row of a supply contact. */
    public static PinRow supply(String contact, Direction direction, double volts, double amps) {
        return PinRow.of(contact, "V+", direction, "supply").withSupply(volts, amps);
    }

    /** A random partial matching between two connectors, with shorts now and then. */
    public static Job random(String near, String far, SplittableRandom random) {
        List<String> a = new ArrayList<>(Catalogue.standard().find(near).orElseThrow().ids());
        List<String> b = new ArrayList<>(Catalogue.standard().find(far).orElseThrow().ids());
        List<Link> links = new ArrayList<>();
        for (String contact : a) {
            if (random.nextInt(4) > 0 && !b.isEmpty()) {
                links.add(Link.of("A." + contact, "B." + b.remove(random.nextInt(b.size()))));
            }
        }
        if (random.nextInt(3) == 0) {
            links.add(Link.of("A." + a.get(random.nextInt(a.size() / 2)),
                    "A." + a.get(a.size() / 2 + random.nextInt(a.size() / 2))));
        }
        return job(near, far, "").withLinks(links);
    }
}
