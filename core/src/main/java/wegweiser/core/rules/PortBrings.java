package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** What a kind of port brings with it, wherever it stands: the volts of a telephone line, the battery of a vehicle. */
public final class PortBrings implements Rule {
    /** The contact of a vehicle's diagnostic port that is the battery (SAE J1962). */
    private static final String BATTERY = "16";

    @Override
    public String id() {
        return "port-brings";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        List<Pin> telephone = derived.pins().stream().filter(p -> p.has(Level.TELEPHONE)).toList();
        if (!telephone.isEmpty()) {
            found.add(Finding.variant(id(), "telephone", Severity.NOTE, Pin.terminals(telephone)));
        }
        for (End end : derived.job().ends()) {
            Terminal battery = end.terminal(BATTERY);
            if (isVehicle(derived, end.name())
                    && (derived.job().keeps(end.name()) || derived.nets().index().contains(battery)
                            && derived.nets().netOf(battery).size() > 1)) {
                found.add(Finding.variant(id(), "battery", Severity.NOTE, List.of(battery), battery));
            }
        }
        List<Link> crossed = derived.job().links().stream().filter(l -> isNetwork(derived, l))
                .filter(l -> !l.from().contact().equals(l.to().orElseThrow().contact())).toList();
        if (!crossed.isEmpty()) {
            found.add(Finding.variant(id(), "network-crossed", Severity.NOTE,
                    crossed.stream().flatMap(l -> List.of(l.from(), l.to().orElseThrow()).stream())
                            .toList()));
        }
        return found;
    }

    /** Whether a contact is live as soon as the cable is plugged in: a supply that the device gives, or a vehicle's battery. */
    private static boolean isLive(Derived derived, Terminal contact) {
        return derived.pin(contact).filter(p -> p.is(Direction.SUPPLY_OUT)).isPresent()
                || contact.contact().equals(BATTERY) && isVehicle(derived, contact.end());
    }

    /** The wires measured behind an end that stays which are live there, each with its contact, in printed order. */
    public static Map<String, Terminal> live(Derived derived) {
        Map<String, Terminal> found = new LinkedHashMap<>();
        derived.looseLeads().colours().entrySet().stream().sorted(Map.Entry.comparingByKey())
                .filter(e -> isLive(derived, e.getKey())).forEach(e -> found.put(e.getValue(), e.getKey()));
        return found;
    }

    private static boolean isVehicle(Derived derived, String end) {
        return derived.connector(end).filter(t -> t.kind() == ConnectorKind.VEHICLE).isPresent();
    }

    private static boolean isNetwork(Derived derived, Link link) {
        return link.isCopper() && !link.isWithinOneEnd() && List.of(link.from(), link.to().orElseThrow())
                .stream().allMatch(t -> derived.pin(t).filter(p -> p.has(Level.ETHERNET)).isPresent()
                        && derived.connector(t.end()).filter(c -> c.family().startsWith("modular-8p8c"))
                                .isPresent());
    }
}
