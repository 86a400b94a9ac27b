package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One termination of the cable.
 *
 * @param connector catalogue id of the connector on the cable
 * @param port catalogue id of the device's own connector, when it is known
 * @param termination word of the way in which wires are joined to the connector, where it is not its usual one
 * @param panel whether its connector is fixed in the panel of a device, and not on the end of a cable
 * @param resin whether the back of its housing is filled with resin
 * @param dangerous whether its device can kill whoever works in it, as the person said; empty where nobody asked
 */
public record End(String name, String device, Optional<Role> role, String connector, Optional<String> port,
        List<PinRow> pinout, List<PortReading> portReadings, Optional<String> termination,
        Optional<Boolean> dangerous, boolean panel, boolean resin, Map<String, Object> extra) {
    /** The connector id of an end without a connector. */
    public static final String LEADS = "leads";

    public End {
        pinout = List.copyOf(pinout);
        portReadings = List.copyOf(portReadings);
        extra = Extra.kept(extra);
    }

    public static End of(String name, String device, String connector, List<PinRow> pinout) {
        return new End(name, device, Optional.empty(), connector, Optional.empty(), pinout, List.of(),
                Optional.empty(), Optional.empty(), false, false, Extra.NONE);
    }

    /** The pinout row of a contact, if there is one. */
    public Optional<PinRow> row(String contact) {
        return pinout.stream().filter(r -> r.contact().equals(contact)).findFirst();
    }

    /** Whether neither a connector was chosen yet nor a wire named. */
    public boolean isBlank() {
        return connector.equals(LEADS) && pinout.isEmpty();
    }

    public Terminal terminal(String contact) {
        return new Terminal(name, contact);
    }

    public End withRole(Optional<Role> newRole) {
        return new End(name, device, newRole, connector, port, pinout, portReadings, termination, dangerous,
                panel, resin, extra);
    }

    public End withConnector(String newConnector) {
        return new End(name, device, role, newConnector, port, pinout, portReadings, termination, dangerous,
                panel, resin, extra);
    }

    public End withTermination(Optional<String> newTermination) {
        return new End(name, device, role, connector, port, pinout, portReadings, newTermination, dangerous,
                panel, resin, extra);
    }

    public End withDangerous(Optional<Boolean> newDangerous) {
        return new End(name, device, role, connector, port, pinout, portReadings, termination, newDangerous,
                panel, resin, extra);
    }

    public End withPanel(boolean isPanel) {
        return new End(name, device, role, connector, port, pinout, portReadings, termination, dangerous,
                isPanel, resin, extra);
    }

    public End withResin(boolean isFilled) {
        return new End(name, device, role, connector, port, pinout, portReadings, termination, dangerous,
                panel, isFilled, extra);
    }

    public End withPort(String newPort) {
        return new End(name, device, role, connector, Optional.of(newPort), pinout, portReadings, termination,
                dangerous, panel, resin, extra);
    }

    public End withDevice(String newDevice) {
        return new End(name, newDevice, role, connector, port, pinout, portReadings, termination, dangerous,
                panel, resin, extra);
    }

    public End withPinout(List<PinRow> newPinout) {
        return new End(name, device, role, connector, port, newPinout, portReadings, termination, dangerous,
                panel, resin, extra);
    }

    /** This end with one more measurement on its port; one of the same kind at the same contact is replaced. */
    public End withPortReading(PortReading reading) {
        List<PortReading> all = new java.util.ArrayList<>(portReadings);
        all.removeIf(r -> r.contact().equals(reading.contact()) && r.against().equals(reading.against())
                && r.mode().equals(reading.mode()) && r.when().equals(reading.when()));
        all.add(reading);
        return withPortReadings(all);
    }

    public End withPortReadings(List<PortReading> newReadings) {
        return new End(name, device, role, connector, port, pinout, newReadings, termination, dangerous,
                panel, resin, extra);
    }

    /** This end with the row of the same contact replaced, or the row added where there was none. */
    public End withRow(PinRow row) {
        boolean known = pinout.stream().anyMatch(r -> r.contact().equals(row.contact()));
        List<PinRow> rows = new java.util.ArrayList<>(pinout);
        if (known) {
            rows.replaceAll(r -> r.contact().equals(row.contact()) ? row : r);
        } else {
            rows.add(row);
            rows.sort(java.util.Comparator.comparing(PinRow::contact, ContactOrder.PRINTED));
        }
        return withPinout(rows);
    }
}
