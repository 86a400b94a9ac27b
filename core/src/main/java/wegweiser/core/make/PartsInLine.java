package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.rules.FuseWays;

/** Components that lie in a wire along the cable. */
final class PartsInLine {
    private PartsInLine() {}

    /** Whether a link is a part in line with a wire along the cable. */
    static boolean is(Link link) {
        return link.to().isPresent() && link.part().isPresent() && !link.isWithinOneEnd()
                && !link.is(PartKind.CUT)
                && !link.is(PartKind.JUMPER);
    }

    /**
     * The end at which a component in line is built in: a fuse at the end of its source, whatever that is; else the first of
     * its two that is made and soldered, else the first that is made; empty where both are on the cable already, so that it
     * goes between them.
     */
    static Optional<String> buildsIn(Derived derived, Link link) {
        Job job = derived.job();
        if (link.is(PartKind.FUSE)) {
            Optional<String> source = FuseWays.sourceEnd(derived, link);
            if (source.isPresent()) {
                // where that end stays, the fuse goes into the cable as close behind it as the sheath allows
                return source.filter(e -> !job.keeps(e));
            }
        }
        List<String> ends = job.ends().stream().map(End::name)
                .filter(n -> n.equals(link.from().end()) || n.equals(link.to().orElseThrow().end()))
                .filter(n -> !job.keeps(n)).toList();
        return ends.stream()
                .filter(n -> derived.connector(n).map(t -> t.termination().isSoldered()).orElse(false))
                .findFirst().or(() -> ends.stream().findFirst());
    }
}
