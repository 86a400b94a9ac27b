package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;
import wegweiser.core.rules.Severity;
import wegweiser.core.signals.Pin;

/**
 * A cable, and how well a plan would lie on it.
 *
 * @param against what the rules have against this cable and not against every cable, errors first
 * @param spare how many of its conductors would carry nothing
 * @param fits whether nothing keeps it from being built so
 */
public record CableChoice(CableStock cable, List<Finding> against, int spare, boolean fits) {
    /** Rules that speak of the cable, whatever else is wrong with the plan. */
    private static final Set<String> OF_CABLE = Set.of("too-few-conductors", "conductor-impossible",
            "conductor-unknown", "conductor-thin", "drop-too-large", "capacitance", "length-limit",
            "pair-split", "pair-untwisted",
            "entry-too-small", "entry-too-large", "wire-does-not-fit", "same-colour-twice",
            "screen-contact-open",
            "budget-exceeded");

    public CableChoice {
        against = List.copyOf(against);
    }

    /**
     * Cables for a plan, the best first: those that can carry it, with the least against them and the fewest conductors
     * over. As long as the rules and the choice of conductors take, for each of them.
     */
    public static List<CableChoice> of(Job job, List<CableStock> cables) {
        List<ConnectorType> types = job.ends().stream().flatMap(e -> Catalogue.of(job).of(e).stream())
                .toList();
        boolean fast = job.ends().stream().flatMap(e -> Pin.of(e).stream())
                .anyMatch(p -> p.isSignal() && p.half().isPresent());
        List<CableChoice> found = new ArrayList<>();
        for (CableStock cable : cables) {
            found.add(of(job, cable));
        }
        found.sort(Comparator.comparing((CableChoice c) -> !c.fits)
                .thenComparing(c -> errors(c.against))
                .thenComparing(c -> c.against.size())
                // a differential signal wants a pair that is twisted
                .thenComparing(c -> fast && c.cable.pairs().isEmpty() && !c.cable.flat())
                .thenComparing(c -> types.stream().filter(type -> !isUsual(type, c.cable)).count())
                .thenComparing(c -> c.spare)
                .thenComparing(c -> c.cable.title()));
        return found;
    }

    /** Whether people put cables of this kind on connectors of that kind. */
    private static boolean isUsual(ConnectorType type, CableStock cable) {
        return type.termination() == Termination.RIBBON ? cable.flat() : switch (type.kind()) {
            case MODULAR -> cable.flat() || NetworkColours.areIn(cable);
            case USB -> cable.id().startsWith("usb");
            default -> type.kind().returnContact().isPresent() ? cable.isScreened() : !cable.flat();
        };
    }

    private static long errors(List<Finding> findings) {
        return findings.stream().filter(Finding::isError).count();
    }

    private static CableChoice of(Job job, CableStock cable) {
        Job tried = Allocation
                .anew(job.withCable(job.cable().withStock(cable.id(), Optional.of(cable))));
        List<Finding> against = Rules.check(tried).stream().filter(f -> OF_CABLE.contains(f.rule()))
                .filter(f -> f.severity() != Severity.NOTE).toList();
        Set<String> used = tried.wiresInUse();
        int spare = (int) cable.conductors().stream().filter(c -> !used.contains(c)).count();
        return new CableChoice(cable, against, spare, errors(against) == 0);
    }
}
