package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** An end that is made: what is there, and the words for it. */
final class AtEnd {
    /** Contacts whose heights differ by less lie in one line, in mm. */
    private static final double SAME_LINE_MM = 0.2;
    private static final int USUAL_AWG = 24;

    final Derived derived;
    final Job job;
    final End end;
    final ConnectorType type;
    /** The cable; null where none is chosen. */
    final CableStock cable;
    final boolean rightHanded;
    final Worklist list;
    /** Which wires go to which contact. */
    final Map<String, List<String>> wires;
    private final Set<String> finished;
    private final Set<String> peeled;

    /**
     * @param type its connector; null for loose wires
     * @param finished names of the ends that are on the cable when this one is made
     */
    AtEnd(Derived derived, End end, ConnectorType type, boolean rightHanded, Worklist list,
            Set<String> finished) {
        this.derived = derived;
        this.job = derived.job();
        this.end = end;
        this.type = type;
        this.cable = derived.cable().orElse(null);
        this.rightHanded = rightHanded;
        this.list = list;
        this.wires = EndWires.of(job, end);
        this.finished = Set.copyOf(finished);
        this.peeled = Set.copyOf(Narrowed.of(derived));
    }

    String name() {
        return end.name();
    }

    Terminal at(String contact) {
        return end.terminal(contact);
    }

    /** All contacts that a wire goes to. */
    List<Terminal> contacts() {
        return wires.keySet().stream().filter(type::has).map(end::terminal).toList();
    }

    boolean isFlat() {
        return cable != null && cable.flat();
    }

    /** Whether something is known to lie under the sheath. */
    boolean has(CableStock.Inside thing) {
        return cable != null && cable.inside().contains(thing);
    }

    /** The same, and yes where the cable is not known. */
    boolean mayHave(CableStock.Inside thing) {
        return cable == null || has(thing);
    }

    /** The resin that the job says, or the usual one. */
    Schools.Resin resin() {
        return job.schools().resin().orElse(Schools.Resin.QUICK);
    }

    boolean isStranded() {
        return cable == null || cable.stranded();
    }

    /** Wires of the cable that are used here, the screen apart. */
    List<String> used() {
        return wires.values().stream().flatMap(List::stream).filter(w -> !EndWires.isScreen(w)).distinct()
                .toList();
    }

    /** How many wires are joined here one by one; at least one for each contact, the screen apart. */
    int count() {
        return (int) wires.entrySet().stream()
                .filter(e -> !e.getKey().equals(Contact.SHELL))
                .mapToLong(e -> Math.max(e.getValue().isEmpty() ? 1 : 0,
                        e.getValue().stream().filter(w -> !EndWires.isScreen(w)).count()))
                .sum();
    }

    /** The gauges of the wires here, such as {@code 24 AWG}. */
    String gauges() {
        List<Integer> gauges = gaugesOf(used());
        return Words.say("step.gauges", Words.list(gauges));
    }

    List<Integer> gaugesOf(List<String> conductors) {
        return cable == null
                ? List.of(USUAL_AWG)
                : conductors.isEmpty()
                        ? List.of(cable.awg())
                        : conductors.stream().map(cable::awgOf).distinct().sorted().toList();
    }

    /** The thinnest wire here, as an AWG number. */
    int thinnest() {
        return gaugesOf(used()).getLast();
    }

    /** How long a wire is bared: what the connector says, or else what its way of joining wants. In mm. */
    double bareMm() {
        if (type.ratings().stripMm() > 0) {
            return type.ratings().stripMm();
        }
        return switch (type.termination()) {
            case SOLDER_CUP -> 4;
            case CRIMP -> 3;
            case JACK_SOLDER -> 4;
            case SCREW, POTTED, SPLICE, BARE -> 6;
            case RIBBON, MODULAR, PUNCH_DOWN, CIRCULAR_DISPLACEMENT -> 0;
        };
    }

    /**
     * Contacts in the order in which no wire lies over one still to be made: from the bottom up as the wiring side faces
     * the person, in two rows, in several, or round a clock face; along a line from the side of the hand that holds the
     * wire away. Contacts one behind the other begin with the outermost, the ground.
     */
    List<String> order() {
        boolean axial = type.outline() instanceof Outline.Axial;
        boolean round = type.outline() instanceof Outline.Round;
        Comparator<Contact> bottomFirst = axial || !round
                ? Comparator.comparingInt(Contact::row).reversed()
                : Comparator.comparingLong((Contact c) -> -Math.round(c.yMm() / SAME_LINE_MM));
        return type.seenFrom(Side.WIRING).stream()
                .filter(c -> wires.containsKey(c.id()) && !c.isShell())
                .sorted(bottomFirst.thenComparing(c -> rightHanded ? c.xMm() : -c.xMm()))
                .map(Contact::id)
                .toList();
    }

    /** The wires to a contact in whole words. */
    String wireWords(String contact) {
        List<String> conductors = wires.getOrDefault(contact, List.of());
        String said = conductors.isEmpty()
                ? Words.say("step.wire")
                : Words.list(conductors.stream().map(AtEnd::words).toList());
        return branched(contact, said);
    }

    /** The wires to a contact as letters. */
    String wireCode(String contact) {
        List<String> conductors = wires.getOrDefault(contact, List.of());
        return branched(contact,
                conductors.isEmpty() ? Words.say("step.wire") : String.join(" + ", conductors));
    }

    /** Wires that leave a contact for several ends are told apart by where they go. */
    private String branched(String contact, String said) {
        List<String> ends = EndWires.branches(job, at(contact));
        return ends.isEmpty() ? said : Words.say("step.branches", said, Words.list(ends));
    }

    /** Wires of the cable that go nowhere at this end. */
    List<String> spare() {
        if (cable == null) {
            return List.of();
        }
        List<String> used = used();
        List<String> spare = new ArrayList<>(cable.conductors());
        spare.removeAll(used);
        spare.removeAll(peeled);
        return used.isEmpty() ? List.of() : spare;
    }

    /** Contacts as they are said, with the wire of each. */
    String places(List<String> contacts) {
        return contacts.stream().map(c -> c + " " + wireCode(c)).collect(Collectors.joining(", "));
    }

    static String words(String conductor) {
        return EndWires.isScreen(conductor) ? Words.say("step.the-screen") : ColourCode.words(conductor);
    }

    static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** What a contact beeps with once its wire is on: contacts of ends that are made, else the wire's far end. */
    Optional<String> far(String contact) {
        return peers(contact, false);
    }

    /** What a contact reaches through a component that is built in by then, and so without a beep. */
    Optional<String> through(String contact) {
        return peers(contact, true);
    }

    private Optional<String> peers(String contact, boolean through) {
        List<Link> links = job.links().stream()
                .filter(l -> !l.isWithinOneEnd() && l.to().isPresent() && !l.is(PartKind.CUT)
                        && l.touches(at(contact)) && isThrough(l) == through)
                .toList();
        List<Terminal> there = links.stream()
                .map(l -> l.from().equals(at(contact)) ? l.to().orElseThrow() : l.from())
                .filter(t -> finished.contains(t.end())).distinct().toList();
        if (links.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(there.isEmpty()
                ? Words.say("step.far-end", links.stream().flatMap(l -> l.conductor().stream()).findFirst()
                        .orElse(Words.say("step.wire")))
                : Words.list(there));
    }

    /** Whether a component lies in a link by the time that this end is made. */
    private boolean isThrough(Link link) {
        return EndWires.isPartInLine(link) && EndWires.buildsIn(derived, link)
                .filter(e -> e.equals(name()) || finished.contains(e)).isPresent();
    }

    /** Neighbours of a contact that it must be silent with: those that the plan does not join with it. */
    List<String> silent(String contact) {
        return type.neighbours(contact).stream()
                .filter(n -> derived.index().contains(at(n)) && !derived.nets().joined(at(n), at(contact)))
                .toList();
    }

    /** Whether another end is made already. */
    boolean isFinished(String other) {
        return finished.contains(other);
    }
}
