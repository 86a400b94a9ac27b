package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.assembly.Joint;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Modular plugs: wires in order, one straight cut, pushed home, crimped in one stroke. */
final class ModularEnd {
    /** From the tips to where the sheath must lie under the bar; bodies of four and six positions are half as deep. */
    private static final int DEEP_MM = 12;
    private static final int SHALLOW_MM = 6;

    private ModularEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        ConnectorType type = at.type;
        common.sheath.open(at.isFlat() ? trimMm(type) : CutList.sheathMm(type));
        if (!at.isFlat() && at.cable != null) {
            at.list.add("filler", new Deed.Ready(at.name(), List.of(), 20),
                    at.has(CableStock.Inside.CROSS) ? "filler" : "sheath-square", "blade");
        }
        common.sheath.spares();
        common.sheath.screen();
        List<Link> loops = at.job.links().stream().filter(l -> l.isWithinOneEnd() && !l.is(PartKind.CUT)
                && l.from().end().equals(at.name())).toList();
        List<String> contacts = type.pinIds().stream().filter(c -> at.place.joints().containsKey(c)
                || loops.stream().anyMatch(l -> l.touches(at.at(c)))).toList();
        contacts.forEach(common::inLine);
        // once the plug is crimped nothing gets into its slots any more
        loops.forEach(loop -> loop(common, loop));
        List<String> more = new ArrayList<>();
        empty(at, contacts).ifPresent(more::add);
        against(at).ifPresent(more::add);
        at.list.detailed("order", new Deed.Ready(at.name(), at.contacts(), 60), "order", "", more,
                at.places(contacts));
        if (!at.isFlat()) {
            at.list.add("trim", new Deed.Bare(at.name(), List.of(), 20), "trim", "blade",
                    trimMm(type));
        }
        at.list.add("push", new Deed.Ready(at.name(), at.contacts(), 25), "push", "");
        at.list.add("crimp", new Deed.Join(at.name(), at.contacts(), at.used(), 15), "press", "",
                type.title(),
                places(type));
        common.test();
        common.close("boot");
    }

    /** A loop is one wire in two slots; they are named from the edge of the plug, as they are counted. */
    private static void loop(CommonSteps common, Link loop) {
        AtEnd at = common.at;
        List<String> slots = Stream.of(loop.from(), loop.to().orElseThrow()).map(Terminal::contact)
                .sorted(Comparator.comparingInt(c -> fromTheEdge(at.type, c))).toList();
        at.list.add("jumper:" + loop.from().contact() + "-" + loop.to().orElseThrow().contact(),
                new Deed.Bridge(at.name(), loop), "loop-slots", "blade",
                loop.is(PartKind.JUMPER) || loop.part().isEmpty()
                        ? Words.say("step.part.loop")
                        : AtEnd.capital(PartWords.of(loop)),
                slots.getFirst(), slots.getLast());
    }

    private static int fromTheEdge(ConnectorType type, String contact) {
        return Math.min(type.pinIds().indexOf(contact),
                type.pinIds().size() - 1 - type.pinIds().indexOf(contact));
    }

    /** How far wires stand out of the sheath when they are pushed in, in mm. */
    static int trimMm(ConnectorType type) {
        return places(type) > 6 ? DEEP_MM : SHALLOW_MM;
    }

    private static int places(ConnectorType type) {
        return Character.digit(type.family().charAt("modular-".length()), 10);
    }

    /** Places of the body that stay empty, where wires are fewer: they are counted from the edge. */
    private static Optional<String> empty(AtEnd at, List<String> used) {
        List<String> empty = new ArrayList<>();
        for (int place = 1; place <= places(at.type); place++) {
            if (!used.contains(String.valueOf(place))) {
                empty.add(String.valueOf(place));
            }
        }
        return empty.isEmpty() || used.isEmpty()
                ? Optional.empty()
                : Optional.of(Words.say("step.order.empty", empty.size(), Words.list(empty)));
    }

    /**
     * How the order is to that of the other plug. Held alike, both plugs have contact 1 at the same hand; at the two ends
     * of one flat cable that hand is at opposite edges. So a flat cable that is straight by its numbers has one latch up
     * and one down when it lies flat, and one that is mirrored has both alike.
     */
    private static Optional<String> against(AtEnd at) {
        for (End other : at.job.ends()) {
            ConnectorType type = at.derived.connector(other.name()).orElse(null);
            if (other.name().equals(at.name()) || type == null || type.termination() != Termination.MODULAR
                    || places(type) != places(at.type)) {
                continue;
            }
            boolean alike = true;
            boolean turned = true;
            for (Joint one : at.place.joints().values()) {
                for (Joint two : at.assembly.at(other.name()).joints().values()) {
                    if (!one.wires().isEmpty() && one.wires().equals(two.wires())) {
                        alike &= one.at().contact().equals(two.at().contact());
                        turned &= mirrored(at.type, one.at().contact()).equals(two.at().contact());
                    }
                }
            }
            if (alike != turned) {
                String flat = at.isFlat() ? ".flat" : "";
                return Optional
                        .of(Words.say("step.order." + (alike ? "alike" : "turned") + flat, other.name()));
            }
        }
        return Optional.empty();
    }

    private static String mirrored(ConnectorType type, String contact) {
        return contact.chars().allMatch(Character::isDigit)
                ? String.valueOf(places(type) + 1 - Integer.parseInt(contact))
                : contact;
    }
}
