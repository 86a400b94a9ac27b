package wegweiser.core.make;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A cable of which one connector is cut off and put on anew. */
public final class Redo {
    private Redo() {}

    /**
     * The job that this is: the same wiring, shorter by what was cut off, with the other ends kept as they are. What was
     * measured before is set aside.
     *
     * @param cutMm how much is cut off, in mm
     * @param label the number on the cable, which it keeps; empty where it has none
     * @throws IllegalArgumentException when nothing of the cable would be left, or there is no such end
     */
    public static Job of(Job job, String end, double cutMm, String title, Optional<String> label) {
        if (job.end(end).isEmpty()) {
            throw new IllegalArgumentException("no end " + end);
        }
        if (job.cable().lengthMm().isPresent() && job.cable().lengthMm().getAsDouble() <= cutMm) {
            throw new IllegalArgumentException("nothing left of the cable");
        }
        CableUse cable = cutMm > 0 ? job.cable().withCutOff(CutOff.of(end, cutMm)) : job.cable();
        List<String> kept = job.ends().stream().map(End::name).filter(name -> !name.equals(end)).toList();
        return job.withTitle(title).withCable(cable.withLabel(label)).unbuilt().withKept(kept)
                .withReadingsSetAside(SetAside.BEFORE_BUILDING);
    }

    /** What is left of the length that was spared for this, in mm; negative when the run itself has become shorter. */
    public static double reserveMm(Job job) {
        return job.ends().size() * CutList.RETERMINATION_MM
                - job.cable().cutOff().stream().mapToDouble(CutOff::mm).sum();
    }

    /**
     * The two cables that a cable becomes when it is cut in two: each keeps one end, and has loose wires at the other, by their
     * colours as far as the plan says which wire goes where.
     *
     * @param nearMm how much stays with the first end, in mm
     * @throws IllegalArgumentException when the cable has not two ends, or is not cut between them
     */
    public static List<Job> inTwo(Job job, double nearMm) {
        double all = job.cable().lengthMm().orElse(0);
        if (job.ends().size() != 2 || nearMm <= 0 || all > 0 && nearMm >= all) {
            throw new IllegalArgumentException("not between two ends");
        }
        List<Job> halves = new ArrayList<>();
        for (int k = 0; k < 2; k++) {
            halves.add(half(job, job.ends().get(k), job.ends().get(1 - k), k == 0 ? nearMm : all - nearMm,
                    all > 0));
        }
        return halves;
    }

    private static Job half(Job job, End stays, End gone, double mm, boolean known) {
        List<Link> links = new ArrayList<>();
        Set<String> wires = new LinkedHashSet<>();
        for (Link link : job.links()) {
            boolean across = !link.isWithinOneEnd() && link.to().isPresent() && link.conductor().isPresent();
            if (across && !link.is(PartKind.CUT)) {
                Terminal here = link.from().end().equals(stays.name())
                        ? link.from()
                        : link.to().orElseThrow();
                String wire = link.conductor().orElseThrow();
                wires.add(wire);
                links.add(Link.of(here, new Terminal(gone.name(), wire)).withConductor(Optional.of(wire)));
            } else if (link.isWithinOneEnd() && link.from().end().equals(stays.name())) {
                links.add(link);
            }
        }
        End open = End.of(gone.name(), "", End.LEADS, wires.stream().map(PinRow::named).toList());
        List<End> ends = job.ends().getFirst().equals(stays) ? List.of(stays, open) : List.of(open, stays);
        CableUse whole = job.cable().withLabel(Optional.empty());
        CableUse cable = known ? whole.withLengthMm(mm) : whole;
        return job.withEnds(ends).withLinks(links).withCable(cable).unbuilt().withKept(List.of(stays.name()))
                .withReadingsSetAside(SetAside.BEFORE_BUILDING)
                .withTitle(Words.say("redo.half", job.title(), stays.name()));
    }
}
