package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * A USB C plug whose configuration line does not say what it is joined to: a plug to an older host needs 56 kilohm to the
 * supply, one to an older device 5.1 kilohm to ground (USB Type-C, cable assemblies), and a C lead joins one line only.
 */
final class MarkerMissing implements Rule {
    private static final double TOLERANCE = 0.2;
    private static final double HOST_OHMS = 56_000;
    private static final double DEVICE_OHMS = 5_100;

    @Override
    public String id() {
        return "marker-missing";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End c : derived.job().ends()) {
            for (End far : derived.job().ends()) {
                if (!c.name().equals(far.name()) && c.connector().equals("usb-c-plug")
                        && joined(derived, c, far)) {
                    check(derived, c, far, found);
                }
            }
        }
        return found;
    }

    private void check(Derived derived, End c, End far, List<Finding> found) {
        Terminal line = c.terminal("A5");
        if (far.connector().equals("usb-c-plug")) {
            boolean one = joins(derived, line, far.terminal("A5"));
            boolean both = joins(derived, c.terminal("B5"), far.terminal("B5"));
            if (c.name().compareTo(far.name()) < 0 && (!one || both)) {
                found.add(finding(both ? "both" : "open", List.of(line, far.terminal("A5"))));
            }
            return;
        }
        boolean host = far.connector().startsWith("usb-a") || far.connector().startsWith("usb3-a");
        Terminal rail = c.terminal(host ? "A4" : "A1");
        if (far.connector().startsWith("usb")
                && !marked(derived, line, rail, host ? HOST_OHMS : DEVICE_OHMS)) {
            found.add(finding(host ? "host" : "device", List.of(line)));
        }
    }

    private Finding finding(String how, List<Terminal> where) {
        return new Finding(id(), Severity.WARNING, where,
                Words.say("rule.marker-missing." + how, where.getFirst(), where.getLast()),
                Words.say("rule.marker-missing." + how + ".remedy", where.getFirst(), where.getLast()),
                Optional.empty());
    }

    private static boolean joined(Derived derived, End a, End b) {
        return derived.job().links().stream().anyMatch(l -> l.isCopper() && !l.isWithinOneEnd()
                && Set.of(l.from().end(), l.to().orElseThrow().end()).equals(Set.of(a.name(), b.name())));
    }

    private static boolean joins(Derived derived, Terminal a, Terminal b) {
        return derived.nets().index().contains(a) && derived.nets().index().contains(b)
                && derived.nets().joined(a, b);
    }

    private static boolean marked(Derived derived, Terminal line, Terminal rail, double ohms) {
        return derived.job().links().stream().filter(l -> l.is(PartKind.RESISTOR) && l.to().isPresent())
                .filter(l -> Math.abs(l.part().orElseThrow().ohms().orElse(0) - ohms) <= TOLERANCE * ohms)
                .anyMatch(l -> joins(derived, l.from(), line) && joins(derived, l.to().get(), rail)
                        || joins(derived, l.to().get(), line) && joins(derived, l.from(), rail));
    }
}
