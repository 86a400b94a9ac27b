package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * A battery or a vehicle's supply led out without a fuse, by any of its ways: a short then heats the wire until something
 * burns. Of lugs and clips that do not say what they are put on it is a note.
 */
final class FuseMissing implements Rule {
    @Override
    public String id() {
        return "fuse-missing";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        FuseWays ways = FuseWays.of(derived);
        for (Pin source : derived.pins()) {
            boolean strong = ways.isStrong(source);
            List<Link> unfused = strong || ways.mayBeStrong(source) ? ways.unfused(source) : List.of();
            if (!unfused.isEmpty()) {
                Finding finding = Finding.variant(id(), strong ? "message" : "unsaid",
                        strong ? Severity.WARNING : Severity.NOTE, List.of(source.terminal()),
                        source.words(), ways(unfused, source));
                found.add(fix(derived, unfused, source).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }

    /** Where the unfused ways lead, each contact once. */
    private static String ways(List<Link> unfused, Pin source) {
        return Words.list(unfused.stream()
                .flatMap(l -> List.of(l.from(), l.to().orElseThrow()).stream())
                .filter(t -> !t.end().equals(source.terminal().end())).map(Terminal::toString).distinct()
                .toList());
    }

    private static Optional<Fix> fix(Derived derived, List<Link> unfused, Pin source) {
        return unfused.stream().filter(l -> l.touches(source.terminal()) && l.part().isEmpty()).findFirst()
                .map(l -> {
                    Link fused = l.withPart(Part.of(PartKind.FUSE));
                    FuseWays then = FuseWays.of(Derived.of(derived.job().replacing(l, fused)));
                    OptionalDouble amps = FuseWays.fitting(then.load(fused), then.carried(fused));
                    Link fitted = amps.isPresent() ? l.withPart(Part.fuse(amps.getAsDouble())) : fused;
                    return new Fix(amps.isPresent()
                            ? Words.say("fix.fuse-of", Words.number(amps.getAsDouble()), source.terminal())
                            : Words.say("fix.fuse", source.terminal()),
                            job -> job.replacing(l, fitted));
                });
    }
}
