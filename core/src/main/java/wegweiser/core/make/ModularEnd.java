package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.words.Words;

/** Modular plugs: wires in order, one straight cut, pushed home, crimped in one stroke. */
final class ModularEnd {
    /** Wires of a round cable are laid out long and trimmed to length when they lie in order. */
    private static final int TRIM_MM = 12;

    private ModularEnd() {}

    static void write(CommonSteps common) {
        AtEnd at = common.at;
        ConnectorType type = at.type;
        common.open(at.isFlat() ? TRIM_MM : CutList.sheathMm(type));
        if (!at.isFlat() && at.cable != null) {
            at.list.add("filler", new Deed.Ready(at.name(), List.of(), 20),
                    at.has(CableStock.Inside.CROSS) ? "filler" : "sheath-square", "blade");
        }
        common.spares();
        common.screen();
        List<String> contacts = type.pinIds().stream().filter(at.wires::containsKey).toList();
        contacts.forEach(common::inLine);
        List<String> more = new ArrayList<>();
        empty(at, contacts).ifPresent(more::add);
        against(at).ifPresent(more::add);
        at.list.detailed("order", new Deed.Ready(at.name(), at.contacts(), 60), "order", "", more,
                at.places(contacts));
        if (!at.isFlat()) {
            at.list.add("trim", new Deed.Ready(at.name(), List.of(), 20), "trim", "blade", TRIM_MM);
        }
        at.list.add("push", new Deed.Ready(at.name(), at.contacts(), 25), "push", "");
        at.list.add("crimp", new Deed.Join(at.name(), at.contacts(), at.used(), 15), "press", "",
                type.title(),
                places(type));
        common.bridges("splice");
        common.test();
        common.close("boot");
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
            Map<String, List<String>> there = EndWires.of(at.job, other);
            for (Map.Entry<String, List<String>> one : at.wires.entrySet()) {
                for (Map.Entry<String, List<String>> two : there.entrySet()) {
                    if (!one.getValue().isEmpty() && one.getValue().equals(two.getValue())
                            && !EndWires.isScreen(one.getValue().getFirst())) {
                        alike &= one.getKey().equals(two.getKey());
                        turned &= mirrored(at.type, one.getKey()).equals(two.getKey());
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
