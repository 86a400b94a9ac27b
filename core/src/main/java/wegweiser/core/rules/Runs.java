package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** The conductors that carry one net along the cable to an end. */
record Runs(List<Link> links, CableStock cable) {
    /** Those of the net of a terminal that touch an end; none where the job has no cable of known make. */
    static Runs to(Derived derived, CableStock cable, Terminal inNet, String end) {
        return new Runs(derived.job().links().stream()
                .filter(l -> l.isCopper() && !l.isWithinOneEnd())
                .filter(l -> l.from().end().equals(end) || l.to().orElseThrow().end().equals(end))
                .filter(l -> derived.nets().index().contains(l.from())
                        && derived.nets().joined(l.from(), inNet))
                .toList(), cable);
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
