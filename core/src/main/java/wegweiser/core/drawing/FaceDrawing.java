package wegweiser.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;

/** Draws a connector at true size from the mating face or the wiring side. O(contacts squared), for their spacing. */
public final class FaceDrawing {
    private FaceDrawing() {}

    /**
     * What to show at the contacts.
     *
     * @param wires contact to colour code of the wire that goes there
     * @param lit contacts to point at
     * @param names contact to what is written below its number
     */
    public record Marks(Map<String, String> wires, Set<String> lit, Map<String, String> names) {
        public static final Marks NONE = new Marks(Map.of(), Set.of());

        /** Marks without names. */
        public Marks(Map<String, String> wires, Set<String> lit) {
            this(wires, lit, Map.of());
        }
    }

    /** The picture of a connector from one side. */
    public static Drawing of(ConnectorType type, Side side, Marks marks) {
        List<Drawing.Shape> shapes = new ArrayList<>();
        Outline outline = type.outline();
        double w = outline.widthMm();
        double h = outline.heightMm();
        BodyDrawing.add(type, side, shapes);
        double pitch = spacing(type);
        for (Contact contact : type.seenFrom(side)) {
            contact(contact, outline, side, pitch, marks, shapes);
        }
        double margin = 0.6;
        double below = outline instanceof Outline.Latched ? BodyDrawing.LATCH_MM : 0;
        return new Drawing(-w / 2 - margin, -h / 2 - margin, w + 2 * margin, h + below + 2 * margin, shapes);
    }

    /** What a contact has to itself: the distance of the closest two, at most 4 mm; along a jack its pitch. */
    private static double spacing(ConnectorType type) {
        if (type.outline() instanceof Outline.Axial || type.outline() instanceof Outline.Latched) {
            return type.pitchMm();
        }
        double closest = Math.min(4, type.pitchMm());
        for (Contact one : type.contacts()) {
            for (Contact other : type.contacts()) {
                if (one != other && !one.isShell() && !other.isShell()) {
                    closest = Math.min(closest, one.distanceMm(other));
                }
            }
        }
        return closest;
    }

    private static void contact(Contact contact, Outline outline, Side side, double pitch, Marks marks,
            List<Drawing.Shape> shapes) {
        boolean lit = marks.lit().contains(contact.id());
        String wire = marks.wires().get(contact.id());
        Drawing.Role role = lit
                ? Drawing.Role.CONTACT_LIT
                : wire != null
                        ? Drawing.Role.CONTACT_USED
                        : marks.wires().isEmpty()
                                ? Drawing.Role.CONTACT
                                : Drawing.Role.CONTACT_DIM;
        double x = contact.xMm();
        double y = contact.yMm();
        double halfWidth;
        double halfHeight;
        switch (outline) {
            case Outline.Latched _ -> {
                halfWidth = pitch * 0.42;
                halfHeight = 1.6;
                shapes.add(new Drawing.Box(role, contact.id(), x - halfWidth, y - halfHeight, 2 * halfWidth,
                        2 * halfHeight, 0.1));
            }
            case Outline.Axial axial -> {
                boolean lug = side == Side.WIRING;
                halfWidth = axial.widthMm() * (lug ? 0.3 : 0.46);
                halfHeight = lug ? Math.min(pitch * 0.42, axial.widthMm() * 0.5) : pitch * 0.43;
                shapes.add(new Drawing.Box(role, contact.id(), x - halfWidth, y - halfHeight, 2 * halfWidth,
                        2 * halfHeight, lug ? halfWidth * 0.6 : 0.2));
            }
            default -> {
                halfWidth = contact.isShell() ? 1.1 : pitch * 0.4;
                halfHeight = contact.isShell() ? 0.45 : halfWidth;
                if (contact.isShell()) {
                    shapes.add(new Drawing.Box(role, contact.id(), x - halfWidth, y - halfHeight,
                            2 * halfWidth, 2 * halfHeight, 0.3));
                } else {
                    shapes.add(new Drawing.Circle(role, contact.id(), x, y, halfWidth));
                }
            }
        }
        if (wire != null) {
            List<String> hex = ColourCode.hex(wire);
            if (!hex.isEmpty()) {
                double band = halfHeight * 0.62;
                shapes.add(new Drawing.Swatch(Drawing.Role.WIRE, contact.id(), x - halfWidth * 0.78,
                        y + halfHeight * 0.2,
                        halfWidth * 1.56, band, hex.getFirst()));
                if (hex.size() > 1) {
                    shapes.add(new Drawing.Swatch(Drawing.Role.STRIPE, contact.id(), x - halfWidth * 0.78,
                            y + halfHeight * 0.2 + band / 3, halfWidth * 1.56, band / 3, hex.get(1)));
                }
            }
        }
        String text = contact.isShell() ? "sh" : contact.id();
        String name = contact.isShell() ? "" : marks.names().getOrDefault(contact.id(), "");
        double size = Math.min(halfHeight * 1.1, 3.4 * halfWidth / Math.max(2, text.length()));
        shapes.add(new Drawing.Label(lit ? Drawing.Role.NUMBER_LIT : Drawing.Role.NUMBER, contact.id(), x,
                wire != null ? y - halfHeight * 0.32 : name.isEmpty() ? y : y - halfHeight * 0.2,
                contact.isShell() ? 0.7 : size, text));
        if (!name.isEmpty() && wire == null) {
            shapes.add(new Drawing.Label(Drawing.Role.NAME, contact.id(), x, y + halfHeight * 0.5,
                    Math.min(halfHeight * 0.6, 3.0 * halfWidth / Math.max(2, name.length())), name));
        }
    }
}
