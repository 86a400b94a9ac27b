package wegweiser.core.catalog;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Which connectors go into each other. Beside the same family in the opposite gender: a modular plug into a socket of its
 * body size, whatever contacts either lacks; a USB A and a USB 3 A either way; an M12 plug into a socket of its coding with
 * as many holes or more; a jack into a jack of its diameter; what is screwed or clamped to what takes any wire.
 */
final class Mating {
    /** Ends that are fastened to whatever is there: their own kind, and each other. */
    private static final Set<ConnectorKind> FASTENED = EnumSet.of(ConnectorKind.TERMINAL, ConnectorKind.LUG,
            ConnectorKind.SPADE, ConnectorKind.CROCODILE, ConnectorKind.TAG);

    private Mating() {}

    static boolean fits(ConnectorType one, ConnectorType other) {
        if (one.gender() == Gender.NONE && other.gender() == Gender.NONE) {
            return one.family().equals(other.family())
                    || FASTENED.contains(one.kind()) && FASTENED.contains(other.kind());
        }
        if (one.gender() == Gender.NONE || one.gender().opposite() != other.gender()) {
            return false;
        }
        ConnectorType plug = one.gender() == Gender.PLUG ? one : other;
        ConnectorType socket = plug == one ? other : one;
        return plug.family().equals(socket.family()) || across(plug, socket);
    }

    /** Whether a plug goes into a wider socket than it was made for, where it can also go in askew. */
    static boolean isLoose(ConnectorType one, ConnectorType other) {
        return one.kind() == ConnectorKind.MODULAR && other.kind() == ConnectorKind.MODULAR
                && one.gender().opposite() == other.gender()
                && positions(one.gender() == Gender.PLUG ? one : other) < positions(
                        one.gender() == Gender.PLUG ? other : one);
    }

    private static boolean across(ConnectorType plug, ConnectorType socket) {
        if (plug.kind() != socket.kind()) {
            return false;
        }
        return switch (plug.kind()) {
            case USB -> List.of("usb-a", "usb3-a").containsAll(List.of(plug.family(), socket.family()))
                    || plug.family().equals("usb-b") && socket.family().equals("usb3-b")
                    || plug.family().equals("usb-micro-b") && socket.family().equals("usb3-micro-b");
            case MODULAR -> positions(plug) == positions(socket);
            case M12, M8 -> coding(plug).equals(coding(socket)) && poles(plug) <= poles(socket)
                    && (poles(socket) <= 5 || poles(plug) == poles(socket));
            case JACK -> size(plug).equals(size(socket));
            default -> false;
        };
    }

    private static int positions(ConnectorType type) {
        return type.family().charAt("modular-".length()) - '0';
    }

    /** "m12-a", without the number of poles and the screen. */
    private static String coding(ConnectorType type) {
        return type.family().replace("-screened", "").replaceAll("-\\d+$", "");
    }

    private static int poles(ConnectorType type) {
        return type.pinIds().size();
    }

    private static String size(ConnectorType type) {
        return type.family().substring(0, type.family().lastIndexOf('-'));
    }
}
