package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** A cable that was measured and is good, as the plan that others are tested against. */
public final class GoodCable {
    private GoodCable() {}

    /** Whether enough was measured: something is joined, and no readings contradict each other. */
    public static boolean isMeasured(Evidence evidence) {
        return !evidence.nets().joinedNets().isEmpty() && evidence.contradictions().isEmpty();
    }

    /**
     * The job with what readings prove of its cable as its plan: each net a chain, with one link from end to end, and the
     * parts that were found. The readings stay, since they are those of the first cable of this plan. O(terminals).
     */
    public static Job asPlan(Derived derived) {
        Job job = derived.job();
        Evidence evidence = derived.evidence();
        List<Link> links = new ArrayList<>();
        for (List<Terminal> net : evidence.nets().joinedNets()) {
            Map<String, List<Terminal>> byEnd = new LinkedHashMap<>();
            net.forEach(t -> byEnd.computeIfAbsent(t.end(), _ -> new ArrayList<>()).add(t));
            chain(byEnd.values().stream().map(List::getFirst).toList(), links);
            byEnd.values().forEach(there -> chain(there, links));
        }
        for (MeasuredPart part : evidence.parts()) {
            part(part).ifPresent(p -> links.add(Link.of(part.a(), part.b()).withPart(p)));
        }
        return job.withLinks(links).unbuilt();
    }

    private static void chain(List<Terminal> terminals, List<Link> links) {
        for (int k = 1; k < terminals.size(); k++) {
            links.add(Link.of(terminals.get(k - 1), terminals.get(k)));
        }
    }

    private static Optional<Part> part(MeasuredPart part) {
        if (part.kind() == PartKind.RESISTOR) {
            return Optional.of(Part.resistor(part.ohms()));
        }
        return part.kind() == PartKind.DIODE ? Optional.of(Part.diode(part.volts())) : Optional.empty();
    }
}
