package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Joint;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** An end that is made: what is there, and the words for it. */
final class AtEnd {
    final Derived derived;
    final Job job;
    final End end;
    final ConnectorType type;
    /** The cable; null where none is chosen. */
    final CableStock cable;
    final boolean rightHanded;
    final Worklist list;
    final Assembly assembly;
    /** The end as it is built. */
    final Place place;
    private final Set<String> finished;

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
        this.assembly = Assembly.of(derived);
        this.place = assembly.at(end.name());
        this.finished = Set.copyOf(finished);
    }

    String name() {
        return end.name();
    }

    Terminal at(String contact) {
        return end.terminal(contact);
    }

    /** All contacts that a wire goes to. */
    List<Terminal> contacts() {
        return place.contacts();
    }

    /** What is joined at a contact, the screen by its name; empty where nothing is said of it. */
    List<String> conductors(String contact) {
        List<String> found = new ArrayList<>();
        place.joint(contact).ifPresent(joint -> {
            found.addAll(joint.wires());
            if (joint.screen()) {
                found.add(Link.SCREEN);
            }
        });
        return found;
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
        return place.used();
    }

    /** How many wires are joined here one by one; at least one for each contact, the screen apart. */
    int count() {
        return place.count();
    }

    /** The gauges of the wires here, such as {@code 24 AWG}. */
    String gauges() {
        return Words.say("step.gauges", Words.list(place.gauges()));
    }

    /** The thinnest wire here, as an AWG number. */
    int thinnest() {
        return place.gauges().getLast();
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

    /** Contacts in the order in which no wire lies over one still to be made. */
    List<String> order() {
        return place.order(rightHanded);
    }

    /** The wires to a contact in whole words. */
    String wireWords(String contact) {
        List<String> conductors = conductors(contact);
        String said = conductors.isEmpty()
                ? Words.say("step.wire")
                : Words.list(conductors.stream().map(AtEnd::words).toList());
        return branched(contact, said);
    }

    /** The wires to a contact as letters. */
    String wireCode(String contact) {
        List<String> conductors = conductors(contact);
        String unnamed = Words.say(place.joint(contact).isPresent() ? "step.wire" : "step.loop");
        return branched(contact, conductors.isEmpty() ? unnamed : String.join(" + ", conductors));
    }

    /** Wires that leave a contact for several ends are told apart by where they go. */
    private String branched(String contact, String said) {
        List<String> ends = place.joint(contact).map(Joint::towards).orElse(List.of());
        return ends.size() < 2 || place.goesOn() ? said : Words.say("step.branches", said, Words.list(ends));
    }

    /** Wires of the cable that go nowhere at this end. */
    List<String> spare() {
        return place.spare();
    }

    /** Contacts as they are said, with the wire of each. */
    String places(List<String> contacts) {
        return contacts.stream().map(c -> c + " " + wireCode(c)).collect(Collectors.joining(", "));
    }

    static String words(String conductor) {
        return conductor.equals(Link.SCREEN) ? Words.say("step.the-screen") : ColourCode.words(conductor);
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
        List<String> others = assembly.splices().stream()
                .filter(splice -> links.stream().anyMatch(splice::joins))
                .flatMap(splice -> splice.wires().stream()).filter(tail -> !tail.to().end().equals(name()))
                .map(Splice.Tail::wire).toList();
        if (there.isEmpty() && !others.isEmpty()) {
            return Optional.of(Words.say("step.far-ends", Words.list(others), others.size()));
        }
        return Optional.of(there.isEmpty()
                ? Words.say("step.far-end", links.stream().flatMap(l -> l.conductor().stream()).findFirst()
                        .orElse(Words.say("step.wire")))
                : Words.list(there));
    }

    /** Whether a component lies in a link by the time that this end is made. */
    private boolean isThrough(Link link) {
        return PartsInLine.is(link) && PartsInLine.buildsIn(derived, link)
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
