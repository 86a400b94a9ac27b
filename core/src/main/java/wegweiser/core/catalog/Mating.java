package wegweiser.core.catalog;

import java.util.List;
import java.util.function.Predicate;

/**
 * Which connectors go into each other. Beside the same family in the opposite gender: a modular plug into a socket of
 * as many or more positions of its own body size, a USB A and a USB 3 A either way, an M12 plug into a socket with
 * more holes, a three-pole jack into a four-pole socket and back.
 */
final class Mating {
    private Mating() {}

    static boolean fits(ConnectorType one, ConnectorType other) {
        if (one.gender() == Gender.NONE || one.gender().opposite() != other.gender()) {
            return false;
        }
        ConnectorType plug = one.gender() == Gender.PLUG ? one : other;
        ConnectorType socket = plug == one ? other : one;
        return plug.family().equals(socket.family()) || across(plug, socket);
    }

    private static boolean across(ConnectorType plug, ConnectorType socket) {
        if (plug.kind() != socket.kind()) {
            return false;
        }
        return switch (plug.kind()) {
            case USB -> List.of("usb-a", "usb3-a").containsAll(List.of(plug.family(), socket.family()));
            case MODULAR -> positions(plug) == positions(socket) && all(plug, socket::has);
            case M12 -> poles(plug) <= poles(socket) && poles(socket) <= 5;
            case JACK -> size(plug).equals(size(socket));
            default -> false;
        };
    }

    private static boolean all(ConnectorType type, Predicate<String> test) {
        return type.pinIds().stream().allMatch(test);
    }

    private static int positions(ConnectorType type) {
        return type.family().charAt("modular-".length()) - '0';
    }

    private static int poles(ConnectorType type) {
        return Integer.parseInt(type.family().substring(type.family().lastIndexOf('-') + 1));
    }

    private static String size(ConnectorType type) {
        return type.family().substring(0, type.family().lastIndexOf('-'));
    }
}
