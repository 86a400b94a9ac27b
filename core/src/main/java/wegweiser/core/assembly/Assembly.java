package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;

/**
 * The cable of a job as hands know it: its places with what arrives at each contact, which wires run where, what stays.
 * O(links + ends x conductors).
 */
public final class Assembly {
    private final Derived derived;
    private final Optional<CableStock> cable;
    private final List<Link> laid;
    private final List<String> peeled;
    private final Layout layout;
    private final Map<String, Place> places = new LinkedHashMap<>();

    private Assembly(Derived derived) {
        this.derived = derived;
        this.cable = derived.cable();
        this.laid = derived.job().links().stream().map(this::laid).toList();
        this.peeled = findPeeled();
        this.layout = new Layout(derived.job(), cable, laid);
        for (End end : derived.job().ends()) {
            places.put(end.name(), place(end));
        }
    }

    /** The cable of a job; worked out once. */
    public static Assembly of(Derived derived) {
        return derived.once(Assembly.class, () -> new Assembly(derived));
    }

    /** Where the wires of an end are. */
    public Place at(String end) {
        return Optional.ofNullable(places.get(end))
                .orElseThrow(() -> new IllegalArgumentException("no end " + end));
    }

    public List<Place> places() {
        return List.copyOf(places.values());
    }

    /** The places that are made, in the order of the job. */
    public List<Place> made() {
        return places.values().stream().filter(p -> !p.stays()).toList();
    }

    /** The places that are made where the whole cable arrives, and not some wires of a loom. */
    public List<Place> sheathed() {
        int wires = cable.map(c -> c.conductors().size()).orElse(0) - peeled.size();
        return made().stream().filter(p -> p.present().size() >= wires).toList();
    }

    /** Whether an end is on the cable already and is not touched. */
    public boolean stays(String end) {
        return at(end).stays();
    }

    /** Whether any end is on the cable already. */
    public boolean isBegun() {
        return !derived.job().kept().isEmpty();
    }

    /** Whether the wires of several ends are one bundle that parts on its way: no ribbon, which goes on through all. */
    public boolean isLoom() {
        return (derived.job().ends().size() > 2 || !runs().isEmpty()) && !isRibbon();
    }

    /** The runs between its places; none where nobody said how it branches. */
    public List<Run> runs() {
        return layout.runs();
    }

    /** The same, each begun at its side nearer to where its piece of the loom begins, the nearest first. */
    public List<Run> outward() {
        return Outward.of(runs());
    }

    /** The places where it branches, in the order of the runs. */
    public List<String> branchPoints() {
        return derived.job().cable().loom().places().stream()
                .filter(p -> derived.job().end(p).isEmpty())
                .toList();
    }

    /** The device at an end; empty for a branch point. */
    public String device(String place) {
        return derived.job().end(place).map(End::device).orElse("");
    }

    /** What is spliced on the way. */
    public List<Splice> splices() {
        return derived.job().cable().loom().splices();
    }

    /** How far it is from one end to another, in mm: along the runs, or else the length of the cable. */
    public OptionalDouble lengthMm(String from, String to) {
        OptionalDouble along = derived.job().cable().loom().lengthMm(from, to);
        return along.isPresent() ? along : derived.job().cable().lengthMm();
    }

    /** How far it is along the runs from one place to another; empty where that is not measured. */
    public OptionalDouble alongMm(String from, String to) {
        return derived.job().cable().loom().lengthMm(from, to);
    }

    /** The places where a wire ends, branch points with a splice among them, in the order of the runs. */
    public List<String> endsOf(String wire) {
        return layout.endsOf(wire);
    }

    /** How long a wire is from end to end, its branches included; empty where that is not known. */
    public OptionalDouble lengthMm(String wire) {
        return layout.lengthMm(wire);
    }

    /** Whether the cable is a bundle of single wires, which no sheath holds together. */
    public boolean isOfSingleWires() {
        return isLoom() && cable.filter(c -> c.diameterMm() == 0).isPresent();
    }

    /** Every wire that is joined to something, in the order of the cable. */
    public List<String> used() {
        return cable.map(CableStock::conductors).orElse(List.of()).stream()
                .filter(w -> places.values().stream().anyMatch(p -> p.used().contains(w))).toList();
    }

    /** The plan's links with the wires that they lie on, also where these only follow from their places in a ribbon. */
    public List<Link> links() {
        return laid;
    }

    /**
     * The wires at the side of a ribbon away from its marked edge that are taken off over the whole length: those after the
     * last that any connector has a groove for or that is planned. None where an end stays.
     */
    public List<String> peeled() {
        return peeled;
    }

    private boolean isRibbon() {
        return cable.filter(CableStock::flat).isPresent()
                && derived.job().ends().stream().anyMatch(e -> !ribbonOrder(e.name()).isEmpty());
    }

    /** The contacts of an end in the order of the ribbon's wires; empty where no ribbon is pressed in. */
    private List<String> ribbonOrder(String end) {
        return derived.connector(end).filter(t -> t.termination() == Termination.RIBBON)
                .map(ConnectorType::ribbonOrder).orElse(List.of());
    }

    private Link laid(Link link) {
        boolean along = link.to().isPresent() && !link.isWithinOneEnd();
        if (!along || link.conductor().isPresent() || cable.filter(CableStock::flat).isEmpty()) {
            return link;
        }
        List<String> wires = cable.get().conductors();
        return derived.job().ends().stream().map(End::name)
                .flatMap(end -> Stream.of(link.from(), link.to().get()).filter(t -> t.end().equals(end)))
                .map(t -> ribbonOrder(t.end()).indexOf(t.contact()))
                .filter(place -> place >= 0 && place < wires.size()).findFirst()
                .map(place -> link.withConductor(Optional.of(wires.get(place)))).orElse(link);
    }

    private List<String> findPeeled() {
        Job job = derived.job();
        if (!isRibbon() || isBegun()) {
            return List.of();
        }
        List<String> wires = cable.orElseThrow().conductors();
        int keep = 0;
        for (End end : job.ends()) {
            keep = Math.max(keep, ribbonOrder(end.name()).size());
        }
        for (Link link : laid) {
            keep = Math.max(keep, 1 + link.conductor().map(wires::indexOf).orElse(-1));
        }
        return wires.subList(Math.min(keep, wires.size()), wires.size());
    }

    private Place place(End end) {
        Map<String, Joint> joints = new LinkedHashMap<>();
        for (Link link : laid) {
            if (link.isWithinOneEnd() || link.is(PartKind.CUT)) {
                continue;
            }
            for (Terminal terminal : terminals(link)) {
                if (terminal.end().equals(end.name())) {
                    joints.merge(terminal.contact(), joint(link, terminal), Assembly::together);
                }
            }
        }
        boolean goesOn = isRibbon() && !ribbonOrder(end.name()).isEmpty()
                && !end.equals(derived.job().ends().getFirst())
                && !end.equals(derived.job().ends().getLast());
        List<String> present = new ArrayList<>(cable.map(CableStock::conductors).orElse(List.of()));
        present.removeAll(peeled);
        if (isLoom()) {
            List<String> here = new ArrayList<>(
                    joints.values().stream().flatMap(j -> j.wires().stream()).toList());
            runs().stream().filter(r -> r.touches(end.name())).forEach(r -> here.addAll(r.spare()));
            present.retainAll(here);
        }
        return new Place(end, derived.connector(end.name()), derived.job().keeps(end.name()), goesOn,
                Collections.unmodifiableMap(joints), present, cable);
    }

    private static List<Terminal> terminals(Link link) {
        return link.to().map(t -> List.of(link.from(), t)).orElse(List.of(link.from()));
    }

    private Joint joint(Link link, Terminal at) {
        List<String> towards = link.to().map(t -> link.from().equals(at) ? t.end() : link.from().end())
                .stream()
                .toList();
        boolean shell = link.conductor().isEmpty() && at.contact().equals(Contact.SHELL)
                && cable.filter(CableStock::isScreened).isPresent();
        Optional<Splice> splice = derived.job().cable().loom().spliceOf(link);
        if (splice.isPresent()) {
            return new Joint(at, splice.get().wireTo(at).stream().toList(), false,
                    List.of(splice.get().name()));
        }
        return new Joint(at, link.conductor().filter(_ -> !link.isOnScreen()).stream().toList(),
                link.isOnScreen() || shell, towards);
    }

    private static Joint together(Joint some, Joint more) {
        return new Joint(some.at(),
                Stream.concat(some.wires().stream(), more.wires().stream()).distinct().toList(),
                some.screen() || more.screen(),
                Stream.concat(some.towards().stream(), more.towards().stream()).distinct().toList());
    }
}
