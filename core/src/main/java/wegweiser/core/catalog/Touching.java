package wegweiser.core.catalog;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which contacts touch when a plug is in a socket. As a rule those of one name; a jack of other poles touches by depth, so
 * that the sleeve of a short plug bridges what lies along it; a narrower modular plug sits in the middle of a wider socket.
 */
public final class Touching {
    /** How deep the contacts of a jack lie, the tip deepest at 0; a socket's sleeve is at its mouth. */
    private static final Map<String, Integer> DEPTH = Map.of("tip", 0, "ring", 1, "ring1", 1, "ring2", 2,
            "sleeve", 3);

    private Touching() {}

    /** For each contact of the plug that touches any, the socket's that it touches; one of the two types must be a plug. */
    public static Map<String, List<String>> of(ConnectorType plug, ConnectorType socket) {
        Map<String, List<String>> found = new LinkedHashMap<>();
        for (String contact : plug.ids()) {
            List<String> touched = socket.ids().stream().filter(c -> touches(plug, contact, socket, c))
                    .toList();
            if (!touched.isEmpty()) {
                found.put(contact, touched);
            }
        }
        return found;
    }

    private static boolean touches(ConnectorType plug, String contact, ConnectorType socket, String other) {
        if (plug.kind() == ConnectorKind.JACK) {
            int from = DEPTH.get(contact);
            int to = plug.ids().getLast().equals(contact) ? 3 : from;
            from = plug.ids().getLast().equals(contact)
                    ? DEPTH.get(plug.ids().get(plug.ids().size() - 2)) + 1
                    : from;
            return DEPTH.get(other) >= from && DEPTH.get(other) <= to;
        }
        if (plug.matesLooselyWith(socket) && contact.chars().allMatch(Character::isDigit)) {
            int shift = (socket.family().charAt("modular-".length())
                    - plug.family().charAt("modular-".length())) / 2;
            return other.equals(String.valueOf(Integer.parseInt(contact) + shift));
        }
        return contact.equals(other);
    }
}
