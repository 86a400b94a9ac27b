package wegweiser.core.assembly;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Terminal;

/**
 * A place of the cable where wires end, or where a ribbon goes on under a connector.
 *
 * @param type its connector; empty for loose wires
 * @param stays whether it is on the cable already and is not touched
 * @param goesOn whether the wires go on through it: a connector in the middle of a ribbon
 * @param joints by contact what arrives there, in the order of the plan
 * @param present the wires of the cable that run to here, used or not
 */
public record Place(End end, Optional<ConnectorType> type, boolean stays, boolean goesOn,
        Map<String, Joint> joints, List<String> present, Optional<CableStock> cable) {
    /** Contacts whose heights differ by less lie in one line, in mm. */
    private static final double SAME_LINE_MM = 0.2;
    private static final int USUAL_AWG = 24;

    public Place {
        present = List.copyOf(present);
    }

    public String name() {
        return end.name();
    }

    /** What can be touched here once its wires are joined. */
    public Reach reach() {
        return Reach.of(this);
    }

    /** What it takes to have a joint here apart. */
    public Undoing undoing() {
        return Undoing.of(this);
    }

    /** Whether anything of the cable is joined here. */
    public boolean isWired() {
        return !joints.isEmpty();
    }

    public Optional<Joint> joint(String contact) {
        return Optional.ofNullable(joints.get(contact));
    }

    /** All contacts that something of the cable goes to. */
    public List<Terminal> contacts() {
        return joints.keySet().stream().filter(c -> type.filter(t -> t.has(c)).isPresent()).map(end::terminal)
                .toList();
    }

    /** The wires that are used here, each once. */
    public List<String> used() {
        return joints.values().stream().map(Joint::wires).flatMap(Collection::stream).distinct().toList();
    }

    /** The wires that run to here and are joined to nothing; none where nothing says which are used. */
    public List<String> spare() {
        List<String> used = used();
        List<String> spare = new ArrayList<>(present);
        spare.removeAll(used);
        return used.isEmpty() ? List.of() : spare;
    }

    /** How many wires are joined here one by one, those to the shell left out. */
    public int count() {
        return joints.entrySet().stream().filter(e -> !e.getKey().equals(Contact.SHELL))
                .mapToInt(e -> e.getValue().count()).sum();
    }

    /** The same at some contacts. */
    public int count(List<String> contacts) {
        return contacts.stream().flatMap(c -> joint(c).stream()).mapToInt(Joint::count).sum();
    }

    /** The gauges of the wires that are used here, the thickest first; of all that run to here where none is named. */
    public List<Integer> gauges() {
        if (cable.isEmpty()) {
            return List.of(USUAL_AWG);
        }
        List<String> used = used();
        List<Integer> gauges = (used.isEmpty() ? present : used).stream()
                .filter(cable.get().conductors()::contains).map(cable.get()::awgOf).distinct().sorted()
                .toList();
        return gauges.isEmpty() ? List.of(cable.get().awg()) : gauges;
    }

    /**
     * Contacts in the order in which no wire lies over one still to be made: from the bottom up as the wiring side faces
     * the person, in two rows, in several, or round a clock face; along a line from the side of the hand that holds the
     * wire away. Contacts one behind the other begin with the outermost, the ground.
     */
    public List<String> order(boolean rightHanded) {
        boolean axial = outline() instanceof Outline.Axial;
        boolean round = outline() instanceof Outline.Round;
        Comparator<Contact> bottomFirst = axial || !round
                ? Comparator.comparingInt(Contact::row).reversed()
                : Comparator.comparingLong((Contact c) -> -Math.round(c.yMm() / SAME_LINE_MM));
        return wired(bottomFirst.thenComparing(c -> rightHanded ? c.xMm() : -c.xMm()));
    }

    /** Contacts round the face by the clock, from the key at twelve, as the wiring side faces the person. */
    public List<String> aroundTheClock() {
        int up = outline() instanceof Outline.Round(double _, Outline.Key key) && key == Outline.Key.BOTTOM
                ? -1
                : 1;
        ToDoubleFunction<Contact> hour = c -> {
            double angle = Math.atan2(up * c.xMm(), -up * c.yMm());
            return angle < 0 ? angle + 2 * Math.PI : angle;
        };
        return wired(Comparator.comparingDouble(hour));
    }

    private Object outline() {
        return type.map(ConnectorType::outline).orElse(null);
    }

    private List<String> wired(Comparator<Contact> order) {
        return type.stream().flatMap(t -> t.seenFrom(Side.WIRING).stream())
                .filter(c -> joints.containsKey(c.id()) && !c.isShell())
                .sorted(order).map(Contact::id).toList();
    }
}
