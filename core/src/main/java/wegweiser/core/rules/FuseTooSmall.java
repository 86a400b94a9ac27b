package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.words.Words;

/** A fuse that blows at what the loads behind it take. */
final class FuseTooSmall implements Rule {
    @Override
    public String id() {
        return "fuse-too-small";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        FuseWays ways = FuseWays.of(derived);
        for (Link fuse : ways.fuses()) {
            double amps = fuse.part().orElseThrow().amps().getAsDouble();
            OptionalDouble load = ways.load(fuse);
            if (load.isPresent() && amps < load.getAsDouble() - 1e-9) {
                OptionalDouble other = FuseWays.fitting(load, ways.carried(fuse));
                Finding finding = Finding.of(id(), Severity.WARNING,
                        List.of(fuse.from(), fuse.to().orElseThrow()), Words.number(amps), fuse.from(),
                        fuse.to().orElseThrow(), Words.number(load.getAsDouble()));
                found.add(other.isPresent()
                        ? finding.withFix(FuseTooLarge.with(fuse, other.getAsDouble()))
                        : finding);
            }
        }
        return found;
    }
}
