package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * Everything that goes wrong at the bench with one cable, each with where, how likely and what the cable then is. Nobody
 * was at an end that stays, so nothing goes wrong there. O(contacts² x links) an end.
 */
public final class Faults {
    private Faults() {}

    /** All of them; worked out once. */
    public static List<PossibleFault> of(Derived derived) {
        Derived plan = derived.plan();
        return plan.once(Faults.class, () -> {
            Matters matters = new Matters(plan);
            return all(Assembly.of(plan), plan.cable()).stream()
                    .filter(f -> matters.isChangedBy(f.links())).toList();
        });
    }

    private static List<PossibleFault> all(Assembly assembly, Optional<CableStock> cable) {
        List<PossibleFault> found = new ArrayList<>();
        for (Place place : assembly.made()) {
            found.addAll(AtJoints.of(assembly, place));
            found.addAll(BetweenContacts.of(assembly, place));
            found.addAll(WholeEnds.of(assembly, place));
        }
        found.addAll(AtParts.of(assembly));
        found.addAll(exchanged(assembly));
        found.addAll(pinched(assembly, cable));
        found.removeIf(f -> f.chance() <= 0);
        return found;
    }

    /** Two plugs of one kind, each made on the branch of the other; where there are but two ends that is the same cable. */
    private static List<PossibleFault> exchanged(Assembly assembly) {
        List<Place> made = assembly.made().stream().filter(Place::isWired).toList();
        List<PossibleFault> found = new ArrayList<>();
        for (int i = 0; i < made.size() && assembly.places().size() > 2; i++) {
            for (int j = i + 1; j < made.size(); j++) {
                String one = made.get(i).name();
                String other = made.get(j).name();
                if (made.get(i).type().isPresent() && made.get(i).type().equals(made.get(j).type())) {
                    List<Link> then = assembly.links().stream().map(l -> l.to().isEmpty()
                            ? l
                            : Relinked.between(l, exchanged(l.from(), one, other),
                                    exchanged(l.to().get(), one, other)))
                            .toList();
                    found.add(new PossibleFault(FaultKind.PLUGS_EXCHANGED, "", List.of(), List.of(one, other),
                            Map.of(), then,
                            FaultTable.of(FaultKind.PLUGS_EXCHANGED.id())));
                }
            }
        }
        return found;
    }

    private static Terminal exchanged(Terminal terminal, String one, String other) {
        return terminal.end().equals(one)
                ? new Terminal(other, terminal.contact())
                : terminal.end().equals(other) ? new Terminal(one, terminal.contact()) : terminal;
    }

    /** Two wires within the cable whose insulation is cut: in a ribbon those side by side, elsewhere any two. */
    private static List<PossibleFault> pinched(Assembly assembly, Optional<CableStock> cable) {
        List<String> ribbon = cable.filter(CableStock::flat).map(CableStock::conductors).orElse(List.of());
        List<Link> wires = assembly.links().stream()
                .filter(l -> l.to().isPresent() && l.isCopper() && !l.isWithinOneEnd()).toList();
        double wire = FaultTable.of(FaultKind.PINCHED.id());
        double each = ribbon.isEmpty() ? 2 * wire / Math.max(1, wires.size() - 1) : wire;
        List<PossibleFault> found = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            for (int j = i + 1; j < wires.size(); j++) {
                Terminal a = wires.get(i).from();
                Terminal b = wires.get(j).from();
                if (!a.equals(b) && (ribbon.isEmpty() || areSideBySide(ribbon, wires.get(i), wires.get(j)))) {
                    found.add(new PossibleFault(FaultKind.PINCHED, "", List.of(a, b),
                            Relinked.with(assembly.links(), Link.of(a, b)), each));
                }
            }
        }
        return found;
    }

    private static boolean areSideBySide(List<String> ribbon, Link one, Link other) {
        int here = one.conductor().map(ribbon::indexOf).orElse(-1);
        int there = other.conductor().map(ribbon::indexOf).orElse(-1);
        return here >= 0 && there >= 0 && Math.abs(here - there) == 1;
    }
}
