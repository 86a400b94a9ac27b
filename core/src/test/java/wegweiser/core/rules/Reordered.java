package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;

/** The same job written in another order: ends exchanged, rows and links shuffled, links written the other way round. */
final class Reordered {
    private Reordered() {}

    static Job of(Job job, SplittableRandom random) {
        Random shuffle = new Random(random.nextLong());
        List<End> ends = new ArrayList<>();
        for (End end : job.ends()) {
            List<PinRow> rows = new ArrayList<>(end.pinout());
            Collections.shuffle(rows, shuffle);
            ends.add(end.withPinout(rows));
        }
        Collections.shuffle(ends, shuffle);
        List<Link> links = new ArrayList<>();
        for (Link link : job.links()) {
            // a diode has a direction
            boolean turn = random.nextBoolean() && link.to().isPresent() && !link.is(PartKind.DIODE);
            links.add(turn
                    ? new Link(link.to().get(), Optional.of(link.from()), link.conductor(), link.part(),
                            link.why(), link.pinned(),
                            link.extra())
                    : link);
        }
        Collections.shuffle(links, shuffle);
        return job.withEnds(ends).withLinks(links);
    }
}
