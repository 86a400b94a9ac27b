package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * A wire that cannot lie on its contact: a ribbon pressed into a header, and a flat cable in a modular plug, keep their order.
 * At one end of a ribbon segments may be turned over; in a modular plug the whole order may be reversed.
 */
final class ConductorImpossible implements Rule {
    /** Where a wire of the cable, by its place from the edge, meets a place of the connector. */
    private record Lie(int wire, int place, Terminal terminal) {}

    @Override
    public String id() {
        return "conductor-impossible";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().filter(CableStock::flat).orElse(null);
        if (cable == null) {
            return found;
        }
        List<List<Lie>> headers = new ArrayList<>();
        for (End end : derived.job().ends()) {
            ConnectorType type = derived.connector(end.name()).orElse(null);
            if (type != null && type.termination() == Termination.RIBBON) {
                headers.add(lies(derived, end, type.ribbonOrder(), cable));
            } else if (type != null && type.kind() == ConnectorKind.MODULAR) {
                modular(cable, lies(derived, end, type.pinIds(), cable), type.pinIds().size(), found);
            }
        }
        boolean anyStraight = headers.isEmpty() || headers.stream().anyMatch(ConductorImpossible::isStraight);
        for (List<Lie> header : headers) {
            if (!isStraight(header) && !(anyStraight && isTurnedOver(header))) {
                report(header.stream().filter(l -> l.wire != l.place).toList(), cable, found);
            }
        }
        return found;
    }

    private static List<Lie> lies(Derived derived, End end, List<String> order, CableStock cable) {
        List<Lie> found = new ArrayList<>();
        for (Link link : derived.job().links()) {
            for (Terminal t : link.to().isEmpty()
                    ? List.of(link.from())
                    : List.of(link.from(), link.to().get())) {
                int wire = link.conductor().map(cable.conductors()::indexOf).orElse(-1);
                if (t.end().equals(end.name()) && wire >= 0 && order.contains(t.contact())
                        && !link.isWithinOneEnd()) {
                    found.add(new Lie(wire, order.indexOf(t.contact()), t));
                }
            }
        }
        return found;
    }

    private static boolean isStraight(List<Lie> lies) {
        return lies.stream().allMatch(l -> l.wire == l.place);
    }

    /** Whether every wire off its place lies in a run that is turned over as a whole. */
    private static boolean isTurnedOver(List<Lie> lies) {
        return lies.stream().allMatch(l -> lies.stream()
                .filter(k -> k.wire >= Math.min(l.wire, l.place) && k.wire <= Math.max(l.wire, l.place))
                .allMatch(k -> k.wire + k.place == l.wire + l.place));
    }

    private void modular(CableStock cable, List<Lie> lies, int places, List<Finding> found) {
        int wires = cable.conductors().size();
        int first = Math.floorDiv(places - wires, 2);
        List<Lie> off = lies.stream().filter(l -> l.place != l.wire + first).toList();
        boolean reversed = lies.stream().allMatch(l -> l.place == wires - 1 - l.wire + first);
        if (!reversed) {
            report(off, cable, found);
        }
    }

    private void report(List<Lie> off, CableStock cable, List<Finding> found) {
        if (!off.isEmpty()) {
            found.add(Finding.of(id(), Severity.ERROR, off.stream().map(Lie::terminal).toList(),
                    Words.list(off.stream().map(l -> Words.say("rule.conductor-impossible.at",
                            cable.conductors().get(l.wire), l.terminal)).toList()),
                    cable.title()));
        }
    }
}
