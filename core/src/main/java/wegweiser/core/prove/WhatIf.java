package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.faults.Relinked;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * One thing wrong that accounts for every reading: a wire open, a component missing, one too many, two of them exchanged. Each
 * is tried by foreseeing what the cable would then show. Components across the same two nets cannot be told apart by a
 * meter, so they are named together. O(links² x readings), the readings against the plan first, so that most end at once.
 */
final class WhatIf {
    /** Beyond so many links or readings the search is left out. */
    private static final int MOST_LINKS = 150;
    private static final int MOST_READINGS = 2_000;
    /** More than this is no joint any more. */
    private static final double MOST_COLD_OHMS = 1_000;

    private final Job job;
    private final List<Reading> readings = new ArrayList<>();

    private WhatIf(Job job, Evidence evidence) {
        this.job = job;
        Foreseen planned = Foreseen.of(job);
        // those against the plan first
        Map<Boolean, List<Reading>> fitting = evidence.sound().stream()
                .collect(Collectors.partitioningBy(planned::fits));
        readings.addAll(fitting.get(false));
        readings.addAll(fitting.get(true));
    }

    static List<Explanation> of(Job job, Evidence evidence) {
        return job.links().size() > MOST_LINKS || evidence.readings().size() > MOST_READINGS
                ? List.of()
                : new WhatIf(job, evidence).all(evidence);
    }

    private List<Explanation> all(Evidence evidence) {
        List<Explanation> found = new ArrayList<>();
        for (Link link : job.links()) {
            if (link.isCopper() && !link.isWithinOneEnd() && fits(Relinked.without(job.links(), link))) {
                Terminal to = link.to().orElseThrow();
                found.add(one("open", "", Words.say("diagnosis.open", link.from(), to),
                        Words.say("repair.open", link.from(), to)));
            }
        }
        cold(evidence).ifPresent(found::add);
        missing().ifPresent(found::add);
        tooMany().ifPresent(found::add);
        exchanged().ifPresent(found::add);
        return found;
    }

    /** Ohms where the plan has copper. */
    private static Optional<Explanation> coldAt(MeasuredPart part) {
        return Optional.of(one("cold-joint", part.a().end().equals(part.b().end()) ? part.a().end() : "",
                Words.say("diagnosis.cold-joint", part.a(), part.b(),
                        Quantity.words(part.ohms(), Unit.OHM)),
                Words.say("repair.open", part.a(), part.b())));
    }

    private Optional<Explanation> cold(Evidence evidence) {
        Nets planned = Nets.of(evidence.index(), job.links());
        return evidence.parts().stream().filter(p -> p.kind() == PartKind.RESISTOR)
                .filter(p -> p.ohms() < MOST_COLD_OHMS && planned.joined(p.a(), p.b()))
                .findFirst().flatMap(WhatIf::coldAt);
    }

    private static Explanation one(String kind, String end, String text, String repair) {
        return new Explanation(kind, end, text, 1, List.of(repair), 1);
    }

    private boolean fits(List<Link> links) {
        Foreseen foreseen = Foreseen.of(job.withLinks(links));
        return readings.stream().allMatch(foreseen::fits);
    }

    private List<Link> parts() {
        return job.links().stream().filter(l -> l.is(PartKind.RESISTOR) && l.to().isPresent()).toList();
    }

    /** Of several alike across the same nets any may be the one. */
    private Optional<Explanation> missing() {
        List<Link> places = parts().stream().filter(l -> fits(Relinked.without(job.links(), l))).toList();
        return places.size() < 2
                ? Optional.empty()
                : Optional.of(one("part-missing", "", Words.say("diagnosis.one-missing", places(places)),
                        Words.say("repair.one-missing", places(places))));
    }

    private Optional<Explanation> tooMany() {
        List<Link> places = parts().stream().filter(l -> fits(Relinked.with(job.links(), l))).toList();
        return places.isEmpty()
                ? Optional.empty()
                : Optional.of(one("part-wrong", "", Words.say("diagnosis.one-too-many", places(places)),
                        Words.say("repair.one-too-many", places(places))));
    }

    /** Two components, each where the far leg of the other belongs. */
    private Optional<Explanation> exchanged() {
        List<Link> parts = parts();
        for (int a = 0; a < parts.size(); a++) {
            for (int b = a + 1; b < parts.size(); b++) {
                Link one = parts.get(a);
                Link two = parts.get(b);
                for (List<Link> turned : List.of(
                        List.of(Relinked.between(one, one.from(), two.to().orElseThrow()),
                                Relinked.between(two, two.from(), one.to().orElseThrow())),
                        List.of(Relinked.between(one, one.from(), two.from()),
                                Relinked.between(two, one.to().orElseThrow(), two.to().orElseThrow())),
                        List.of(Relinked.between(one, two.from(), two.to().orElseThrow()),
                                Relinked.between(two, one.from(), one.to().orElseThrow())))) {
                    List<Link> links = Relinked.instead(Relinked.without(job.links(), one), two, turned);
                    if (!turned.getFirst().from().equals(turned.getFirst().to().orElseThrow())
                            && fits(links)) {
                        String where = places(List.of(one, two));
                        return Optional.of(one("swapped", one.from().end().equals(two.from().end())
                                ? one.from().end()
                                : "", Words.say("diagnosis.parts-exchanged", where),
                                Words.say("repair.parts-exchanged", where)));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static String places(List<Link> links) {
        return Words.list(links.stream()
                .map(l -> Words.say("diagnosis.place", l.from(), l.to().orElseThrow())).distinct().toList());
    }
}
