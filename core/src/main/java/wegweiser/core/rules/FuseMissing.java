package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** A battery or a vehicle's supply led out without a fuse: a short then heats the wire until something burns. */
final class FuseMissing implements Rule {
    @Override
    public String id() {
        return "fuse-missing";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin source : net) {
                if (isUnfused(derived, source) && !hasFuse(derived, source)) {
                    Finding finding = Finding.of(id(), Severity.WARNING, List.of(source.terminal()),
                            source.words());
                    found.add(fix(derived, source).map(finding::withFix).orElse(finding));
                }
            }
        }
        return found;
    }

    private static boolean isUnfused(Derived derived, Pin pin) {
        boolean vehicle = derived.connector(pin.terminal().end()).map(t -> t.kind() == ConnectorKind.VEHICLE)
                .orElse(false);
        boolean said = pin.row().name().map(n -> n.toLowerCase(Locale.ROOT).contains("fuse")).orElse(false);
        return pin.is(Direction.SUPPLY_OUT) && (vehicle || pin.signal().equals("BATTERY")) && !said;
    }

    private static boolean hasFuse(Derived derived, Pin source) {
        return derived.job().links().stream().anyMatch(l -> l.is(PartKind.FUSE)
                && derived.nets().index().contains(l.from())
                && derived.nets().joined(l.from(), source.terminal()));
    }

    private static Optional<Fix> fix(Derived derived, Pin source) {
        return derived.job().links().stream()
                .filter(l -> l.touches(source.terminal()) && l.isCopper() && l.part().isEmpty()).findFirst()
                .map(l -> new Fix(Words.say("fix.fuse", source.terminal()),
                        job -> job.withLinks(job.links().stream()
                                .map(k -> k.equals(l) ? k.withPart(Part.of(PartKind.FUSE)) : k).toList())));
    }
}
