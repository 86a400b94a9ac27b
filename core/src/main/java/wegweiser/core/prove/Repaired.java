package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/**
 * A cable after it was put right as a story tells. What was read of contacts that nobody touched still counts, so that only
 * the tests are asked that are needed; the rest is set aside. O(readings + terminals).
 */
public final class Repaired {
    private Repaired() {}

    /** The job once the story's cable was made what was planned. */
    public static Job of(Derived derived, Explanation story) {
        Job job = derived.job();
        Set<Terminal> changed = changed(derived, story);
        List<Reading> kept = new ArrayList<>();
        List<Reading> gone = new ArrayList<>();
        for (Reading reading : job.readings()) {
            boolean touched = Stream.concat(reading.red().stream(), reading.black().stream())
                    .anyMatch(changed::contains);
            (touched || !derived.foreseen().fits(reading) ? gone : kept).add(reading);
        }
        List<SetAside> aside = new ArrayList<>(job.setAside());
        if (!gone.isEmpty()) {
            aside.add(new SetAside(SetAside.REPAIRED, gone));
        }
        return job.withReadings(kept).withSetAside(aside);
    }

    /** The contacts of all nets at which hands are, before and after. */
    private static Set<Terminal> changed(Derived derived, Explanation story) {
        List<Link> planned = derived.job().links();
        Nets before = Nets.of(derived.index(), story.links());
        Nets after = derived.nets();
        Set<Terminal> changed = new HashSet<>();
        Stream.concat(story.links().stream().filter(l -> !isIn(planned, l)),
                planned.stream().filter(l -> !isIn(story.links(), l)))
                .flatMap(l -> Stream.concat(Stream.of(l.from()), l.to().stream()))
                .filter(derived.index()::contains).forEach(t -> {
                    changed.addAll(before.netOf(t));
                    changed.addAll(after.netOf(t));
                });
        return changed;
    }

    private static boolean isIn(List<Link> links, Link link) {
        return links.stream().anyMatch(l -> l.from().equals(link.from()) && l.to().equals(link.to())
                && l.part().equals(link.part()));
    }
}
