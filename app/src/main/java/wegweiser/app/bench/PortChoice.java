package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;

/**
 * A port of a device, or an end of a cable, as somebody chooses it.
 *
 * @param connector id of the connector that is looked at
 * @param pinout what is on its contacts, where that is usual
 */
record PortChoice(String title, String connector, Optional<NamedPinout> pinout) {
    static PortChoice of(ConnectorType type) {
        return new PortChoice(type.title(), type.id(), Optional.empty());
    }

    static PortChoice of(ConnectorType type, NamedPinout pinout) {
        return new PortChoice(t("port.choice", pinout.title(), type.title()), type.id(), Optional.of(pinout));
    }

    static PortChoice looseWires() {
        return new PortChoice(t("ends.leads"), End.LEADS, Optional.empty());
    }

    boolean isLoose() {
        return connector.equals(End.LEADS);
    }

    /** The end of a cable that goes to this port of a device. */
    End towards(String name, String device, Catalogue catalogue) {
        Optional<ConnectorType> type = catalogue.find(connector);
        String mate = type.filter(c -> c.gender() != Gender.NONE)
                .flatMap(c -> catalogue.find(c.family() + "-" + c.gender().opposite().id()))
                .map(ConnectorType::id).orElse(connector);
        End end = End.of(name, device, mate, pinout.map(NamedPinout::rows).orElse(List.of()))
                .withRole(pinout.flatMap(NamedPinout::role));
        return type.isPresent() ? end.withPort(connector) : end;
    }

    /**
     * This end of a cable.
     *
     * @param wires names of its wires, where they are loose
     */
    End asEnd(String name, List<String> wires) {
        return End.of(name, "", connector,
                isLoose() ? wires.stream().map(PinRow::named).toList() : List.of());
    }

    @Override
    public String toString() {
        return title;
    }
}
