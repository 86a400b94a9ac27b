package wegweiser.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Seeded cables and honest readings of them. */
final class Cables {
    private Cables() {}

    static Job random(String connector, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<String> near = Catalogue.standard().find(connector).orElseThrow().ids();
        List<String> far = new ArrayList<>(near);
        List<Link> links = new ArrayList<>();
        for (String contact : near) {
            String other = far.remove(random.nextInt(far.size()));
            if (random.nextInt(5) > 0) {
                links.add(Link.of("A." + contact, "B." + other));
            }
        }
        return Job.of("benchmark", List.of(End.of("A", "Mast logger", connector, List.of()),
                End.of("B", "Dome computer", connector, List.of())), links, List.of());
    }

    /** Readings of single touches at random places, a third of them joins. */
    static List<Reading> readings(Job truth, int count, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Nets nets = Nets.planned(truth);
        List<Terminal> all = Terminals.of(truth);
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            Terminal red = all.get(random.nextInt(all.size()));
            List<Terminal> net = nets.netOf(red);
            Terminal black = k % 3 == 0 && net.size() > 1
                    ? net.get(net.getFirst().equals(red) ? 1 : 0)
                    : all.get(random.nextInt(all.size()));
            if (!black.equals(red)) {
                readings.add(Reading.of(Mode.CONTINUITY, Touch.of(red, black),
                        nets.joined(red, black) ? Outcome.BEEP : Outcome.SILENT));
            }
        }
        return readings;
    }
}
