package wegweiser.core.faults;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/**
 * Which terminals matter to the devices: those that a wire goes to, and those behind which the device has something. A bridge
 * to a contact that is empty on both sides changes nothing. O(terminals) a question.
 */
final class Matters {
    private final List<Link> parts;
    private final Nets planned;
    private final int[] those;

    Matters(Derived derived) {
        this.planned = derived.nets();
        this.parts = derived.job().links().stream().filter(Foreseen::isPart).toList();
        Set<Terminal> all = new HashSet<>();
        for (Link link : derived.job().links()) {
            all.add(link.from());
            link.to().ifPresent(all::add);
        }
        derived.pins().stream().filter(Matters::isInUse).forEach(p -> all.add(p.terminal()));
        this.those = all.stream().filter(planned.index()::contains).mapToInt(planned.index()::of).sorted()
                .toArray();
    }

    /** Whether the device has something behind a contact. */
    static boolean isInUse(Pin pin) {
        return pin.direction().filter(d -> d != Direction.UNUSED).isPresent() && !pin.isMarker();
    }

    /** Whether the devices would notice. */
    boolean isChangedBy(List<Link> links) {
        if (!parts.equals(links.stream().filter(Foreseen::isPart).toList())) {
            return true;
        }
        Partition then = Nets.of(planned.index(), links).partition();
        int[] first = new int[then.size()];
        int[] back = new int[then.size()];
        Arrays.fill(first, -1);
        Arrays.fill(back, -1);
        for (int i : those) {
            int here = planned.partition().root(i);
            int there = then.root(i);
            if (first[here] >= 0 && first[here] != there || back[there] >= 0 && back[there] != here) {
                return true;
            }
            first[here] = there;
            back[there] = here;
        }
        return false;
    }
}
