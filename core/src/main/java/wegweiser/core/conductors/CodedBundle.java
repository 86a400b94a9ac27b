package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;

/**
 * Sets of colours given to the devices of a job: its first end is where the bundle comes from, each other end a device. A colour
 * that several devices have is as many wires, told apart by a number. O(ends x links).
 */
public final class CodedBundle {
    private static final int USUAL_AWG = 24;

    private final Job job;
    private final Optional<CableStock> cable;
    private final Map<Terminal, String> given = new LinkedHashMap<>();
    private final Set<String> taken = new HashSet<>();
    private final List<OwnWire> wires = new ArrayList<>();
    private final List<BundleCode> codes = new ArrayList<>();

    private CodedBundle(Job job, List<List<String>> sets) {
        this.job = job;
        this.cable = Cables.of(job);
        List<End> devices = job.ends().subList(1, job.ends().size()).stream()
                .filter(e -> !job.keeps(e.name()))
                .toList();
        for (int k = 0; k < Math.min(devices.size(), sets.size()); k++) {
            List<Terminal> contacts = wired(devices.get(k));
            List<String> colours = sets.get(k).subList(0, Math.min(contacts.size(), sets.get(k).size()));
            codes.add(BundleCode.of(devices.get(k).name(), colours));
            for (int c = 0; c < colours.size(); c++) {
                given.put(contacts.get(c), "");
            }
        }
        // what stays what it is keeps its name
        for (String wire : job.wiresInUse()) {
            if (given.keySet().stream().noneMatch(t -> wireAt(t).equals(Optional.of(wire)))) {
                taken.add(wire);
            }
        }
        codes.forEach(this::give);
    }

    /** How many wires each device has, the first end left out; the most of them. */
    public static int wiresEach(Job job) {
        return job.ends().stream().skip(1).mapToInt(e -> wired(job, e).size()).max().orElse(1);
    }

    /** The job with the first set for its second end, the second for its third, and so on. */
    public static Job of(Job job, List<List<String>> sets) {
        return new CodedBundle(job, sets).taken();
    }

    private List<Terminal> wired(End end) {
        return wired(job, end);
    }

    private static List<Terminal> wired(Job job, End end) {
        List<Terminal> found = new ArrayList<>();
        for (Link link : job.links()) {
            if (link.isCopper() && !link.isWithinOneEnd() && !link.isOnScreen()) {
                for (Terminal t : List.of(link.from(), link.to().orElseThrow())) {
                    if (t.end().equals(end.name()) && !found.contains(t)) {
                        found.add(t);
                    }
                }
            }
        }
        return found;
    }

    private Optional<String> wireAt(Terminal at) {
        return job.cable().loom().spliceOf(at).flatMap(s -> s.wireTo(at))
                .or(() -> job.links().stream().filter(l -> l.touches(at)).findFirst()
                        .flatMap(Link::conductor));
    }

    private void give(BundleCode code) {
        List<Terminal> contacts = given.keySet().stream().filter(t -> t.end().equals(code.end())).toList();
        for (int c = 0; c < contacts.size(); c++) {
            String plain = code.colours().get(c);
            String wire = plain;
            for (int k = 2; !taken.add(wire); k++) {
                wire = plain + "." + k;
            }
            int awg = wireAt(contacts.get(c)).flatMap(w -> cable.map(s -> s.awgOf(w)))
                    .or(() -> cable.map(CableStock::awg)).orElse(USUAL_AWG);
            given.put(contacts.get(c), wire);
            wires.add(OwnWire.of(wire, awg));
        }
    }

    private Job taken() {
        Loom loom = job.cable().loom();
        List<Splice> splices = loom.splices().stream()
                .map(s -> new Splice(s.name(), s.at(), s.wires().stream()
                        .map(t -> given.containsKey(t.to())
                                ? new Splice.Tail(t.to(), given.get(t.to()), t.extra())
                                : t)
                        .toList(), s.extra()))
                .toList();
        List<Link> links = job.links().stream().map(l -> loom.spliceOf(l).isPresent()
                ? l
                : l.to().map(given::get).or(() -> Optional.ofNullable(given.get(l.from())))
                        .map(l::withPinned).orElse(l))
                .toList();
        Job coded = job.withLinks(links)
                .withCable(job.cable().withLoom(loom.withSplices(splices).withCodes(codes)));
        Set<String> used = coded.wiresInUse();
        List<OwnWire> own = new ArrayList<>(loom.wires().stream()
                .filter(w -> used.contains(w.wire())
                        && wires.stream().noneMatch(o -> o.wire().equals(w.wire())))
                .toList());
        own.addAll(wires);
        return coded.withCable(coded.cable().withLoom(coded.cable().loom().withWires(own)));
    }
}
