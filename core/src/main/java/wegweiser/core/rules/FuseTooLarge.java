package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.words.Words;

/** A fuse that lets through more than the thinnest conductor behind it carries: the wire burns before it blows. */
final class FuseTooLarge implements Rule {
    @Override
    public String id() {
        return "fuse-too-large";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        FuseWays ways = FuseWays.of(derived);
        for (Link fuse : ways.fuses()) {
            double amps = fuse.part().orElseThrow().amps().getAsDouble();
            OptionalDouble carried = ways.carried(fuse);
            if (carried.isPresent() && amps > carried.getAsDouble() + 1e-9) {
                OptionalDouble other = FuseWays.fitting(ways.load(fuse), carried);
                Finding finding = Finding.of(id(), Severity.ERROR,
                        List.of(fuse.from(), fuse.to().orElseThrow()), Words.number(amps), fuse.from(),
                        fuse.to().orElseThrow(), Words.decimals(carried.getAsDouble(), 1));
                found.add(other.isPresent() ? finding.withFix(with(fuse, other.getAsDouble())) : finding);
            }
        }
        return found;
    }

    /** The same fuse for so many amps. */
    static Fix with(Link fuse, double amps) {
        return new Fix(Words.say("fix.fuse-amps", Words.number(amps)), (Job job) -> job.withLinks(job.links()
                .stream().map(l -> l.equals(fuse) ? l.withPart(Part.fuse(amps)) : l).toList()));
    }
}
