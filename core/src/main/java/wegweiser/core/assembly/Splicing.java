package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Cables;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;

/**
 * Splices where one contact would have the wires of several others: one wire leads to it, and they part where their ways do.
 * O(links² + links x runs).
 */
public final class Splicing {
    private static final int USUAL_AWG = 24;
    private static final List<String> COLOURS = List.of("WH", "YE", "GN", "BU", "VT", "OG", "GY", "BN", "PK",
            "RD", "BK");

    private final Derived derived;
    private final Optional<CableStock> cable;
    private final List<Splice> splices;
    private final List<OwnWire> wires;
    private final Set<String> taken = new LinkedHashSet<>();

    private Splicing(Job job) {
        derived = Derived.of(job);
        cable = Cables.of(job);
        splices = new ArrayList<>(job.cable().loom().splices());
        wires = new ArrayList<>(job.cable().loom().wires());
        job.links().forEach(l -> l.conductor().ifPresent(taken::add));
        splices.forEach(s -> s.wires().forEach(t -> taken.add(t.wire())));
    }

    /** The job with such splices added; those that it has stay. */
    public static Job of(Job job) {
        Splicing all = new Splicing(job);
        all.hubs().forEach(all::splice);
        Loom loom = job.cable().loom().withSplices(all.splices).withWires(all.wires);
        // which wire leads where is told by the splice from now on
        List<Link> links = job.links().stream()
                .map(l -> loom.spliceOf(l).isPresent() ? l.unpinned() : l).toList();
        return job.withLinks(links).withCable(job.cable().withLoom(loom));
    }

    /** Whether any contact has the wires of several others. */
    public static boolean isAsked(Job job) {
        return !new Splicing(job).hubs().isEmpty();
    }

    /** Contacts with several links to other ends, each with those links; a contact is in one splice at most. */
    private Map<Terminal, List<Link>> hubs() {
        Map<Terminal, List<Link>> all = new LinkedHashMap<>();
        for (Link link : derived.job().links()) {
            if (link.isCopper() && !link.isWithinOneEnd() && !link.isOnScreen()) {
                all.computeIfAbsent(link.from(), _ -> new ArrayList<>()).add(link);
                all.computeIfAbsent(link.to().orElseThrow(), _ -> new ArrayList<>()).add(link);
            }
        }
        Loom loom = derived.job().cable().loom();
        Map<Terminal, List<Link>> hubs = new LinkedHashMap<>();
        all.forEach((hub, links) -> {
            List<Terminal> others = links.stream().map(l -> other(l, hub)).distinct().toList();
            boolean free = others.stream()
                    .allMatch(t -> all.get(t).size() == 1 && loom.spliceOf(t).isEmpty());
            if (others.size() > 1 && free && loom.spliceOf(hub).isEmpty()) {
                hubs.put(hub, links);
            }
        });
        return hubs;
    }

    private static Terminal other(Link link, Terminal one) {
        return link.from().equals(one) ? link.to().orElseThrow() : link.from();
    }

    private void splice(Terminal hub, List<Link> links) {
        String colour = links.stream().flatMap(l -> l.conductor().stream()).findFirst()
                .orElseGet(() -> colour(hub));
        int awg = cable.map(c -> c.awgOf(colour)).orElse(USUAL_AWG);
        List<Splice.Tail> tails = new ArrayList<>();
        tails.add(Splice.Tail.of(hub, own(colour, awg)));
        for (Link link : links) {
            // a wire that nobody else has may stay what it is
            String wire = link.conductor().filter(c -> !c.equals(colour)).orElseGet(() -> another(colour));
            tails.add(Splice.Tail.of(other(link, hub), own(wire, awg)));
        }
        splices.add(Splice.of(name(), meeting(hub, links), tails));
    }

    private String name() {
        int k = 1;
        while (true) {
            String name = "S" + k++;
            if (splices.stream().noneMatch(s -> s.name().equals(name))) {
                return name;
            }
        }
    }

    /** What is not in the cable lies beside it, with a gauge of its own. */
    private String own(String wire, int awg) {
        taken.add(wire);
        boolean there = cable.filter(c -> c.conductors().contains(wire)).isPresent()
                || wires.stream().anyMatch(w -> w.wire().equals(wire));
        if (!there) {
            wires.add(OwnWire.of(wire, awg));
        }
        return wire;
    }

    private String colour(Terminal hub) {
        Optional<Pin> pin = derived.pin(hub);
        String usual = pin.filter(Pin::isSupply).map(_ -> "RD")
                .or(() -> pin.filter(p -> p.is(Direction.GROUND)).map(_ -> "BK"))
                .or(() -> COLOURS.stream().filter(c -> !taken.contains(c)).findFirst()).orElse("WH");
        return taken.contains(usual) ? another(usual) : usual;
    }

    private String another(String colour) {
        String plain = colour.replaceAll("\\..*", "");
        int k = 2;
        while (taken.contains(plain + "." + k)) {
            k++;
        }
        return plain + "." + k;
    }

    /** The last place that all ways from a contact have in common; its own end where no runs say more. */
    private String meeting(Terminal hub, List<Link> links) {
        Loom loom = derived.job().cable().loom();
        String at = hub.end();
        List<List<LoomRun>> ways = links.stream().map(l -> loom.way(hub.end(), other(l, hub).end())).toList();
        for (int k = 0; k < ways.getFirst().size(); k++) {
            LoomRun run = ways.getFirst().get(k);
            int step = k;
            if (!ways.stream().allMatch(w -> w.size() > step && w.get(step).equals(run))
                    || derived.job().end(run.other(at)).isPresent()) {
                break;
            }
            at = run.other(at);
        }
        return at;
    }
}
