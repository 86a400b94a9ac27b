package wegweiser.core.rules;

import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;

/** The conductors that carry one net along the cable to an end. */
record Runs(List<Link> links, CableStock cable) {
    /** Those of the nets of some contacts that touch an end. */
    static Runs to(Derived derived, CableStock cable, List<Pin> inNets, String end) {
        return new Runs(derived.job().links().stream()
                .filter(l -> carriesCurrent(l) && !l.isWithinOneEnd())
                .filter(l -> l.from().end().equals(end) || l.to().orElseThrow().end().equals(end))
                .filter(l -> isOn(derived, l.from(), inNets) && isOn(derived, l.to().orElseThrow(), inNets))
                .filter(l -> isFirstAtItsWire(derived, l, end)).map(l -> atSplice(derived, l, end)).toList(),
                cable);
    }

    /** Of the links that hang on one wire of a splice at an end, one. */
    private static boolean isFirstAtItsWire(Derived derived, Link link, String end) {
        Optional<Splice> splice = derived.job().cable().loom().spliceOf(link);
        return splice.isEmpty() || derived.job().links().stream()
                .filter(l -> l.touches(at(link, end)) && splice.get().joins(l)).findFirst()
                .filter(link::equals).isPresent();
    }

    /** Behind a splice a contact has one wire, however many the plan joins it with. */
    private static Link atSplice(Derived derived, Link link, String end) {
        return derived.job().cable().loom().spliceOf(link)
                .map(s -> link.withConductor(s.wireTo(at(link, end)))).orElse(link);
    }

    private static Terminal at(Link link, String end) {
        return link.from().end().equals(end) ? link.from() : link.to().orElseThrow();
    }

    private static boolean isOn(Derived derived, Terminal terminal, List<Pin> nets) {
        return nets.stream().anyMatch(p -> derived.nets().joined(terminal, p.terminal()));
    }

    private static boolean carriesCurrent(Link link) {
        return link.isCopper()
                || link.to().isPresent() && (link.is(PartKind.DIODE) || link.is(PartKind.RESISTOR));
    }

    int awg(Link link) {
        return link.conductor().map(cable::awgOf).orElse(cable.awg());
    }

    /** The share of the current that one of the conductors takes. */
    double share(Link link) {
        return siemens(link) / links.stream().mapToDouble(this::siemens).sum();
    }

    /** Ohms of one metre of all of them together; infinite where there are none. */
    double ohmsPerMetre() {
        return 1 / links.stream().mapToDouble(this::siemens).sum();
    }

    private double siemens(Link link) {
        return 1 / Copper.ohmsPerMetre(awg(link), cable.stranded());
    }
}
