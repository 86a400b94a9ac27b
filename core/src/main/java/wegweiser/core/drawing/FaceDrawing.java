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
        NameTags tags = new NameTags(w, h);
        for (Contact contact : type.seenFrom(side)) {
            contact(contact, outline, side, pitch, marks, tags, shapes);
        }
        double names = tags.draw(shapes);
        double margin = 0.6;
        double below = Math.max(tags.besideMm(1),
                outline instanceof Outline.Latched ? BodyDrawing.LATCH_MM : 0);
        double beside = Math.max(names,
                outline instanceof Outline.Axial axial ? AxialDrawing.besideMm(type, axial) : 0);
        double above = tags.besideMm(-1);
        return new Drawing(-w / 2 - margin - beside, -h / 2 - margin - above, w + 2 * (margin + beside),
                h + above + below + 2 * margin, shapes);
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
            NameTags tags, List<Drawing.Shape> shapes) {
        boolean lit = marks.lit().contains(contact.id());
        String wire = marks.wires().get(contact.id());
        Drawing.Role role = lit
                ? Drawing.Role.CONTACT_LIT
                : wire != null
                        ? Drawing.Role.CONTACT_USED
                        : marks.wires().isEmpty()
                                ? Drawing.Role.CONTACT
                                : Drawing.Role.CONTACT_DIM;
        Spot spot = switch (outline) {
            case Outline.Axial axial -> AxialDrawing.spot(contact, axial, side, pitch, role, shapes);
            case Outline.Latched _ when !contact.isShell() ->
                box(contact, pitch * 0.42, 1.6, 0.1, role, shapes);
            default -> contact.isShell()
                    ? box(contact, Math.min(1.1, outline.widthMm() * 0.09),
                            Math.min(0.45, outline.widthMm() * 0.037), 0.3,
                            role, shapes)
                    : circle(contact, pitch * 0.4, role, shapes);
        };
        if (wire != null) {
            wire(contact, spot, wire, shapes);
        }
        String text = contact.isShell() ? "sh" : contact.id();
        String name = contact.isShell() ? "" : marks.names().getOrDefault(contact.id(), "");
        Drawing.Role number = lit ? Drawing.Role.NUMBER_LIT : Drawing.Role.NUMBER;
        if (outline instanceof Outline.Axial axial) {
            shapes.add(AxialDrawing.label(number, contact, axial, text));
            return;
        }
        double halfHeight = spot.halfHeight();
        boolean tagged = !name.isEmpty() && wire == null
                && !NameTags.fits(name, spot.halfWidth(), halfHeight);
        if (tagged) {
            tags.add(contact, name, halfHeight);
            name = "";
        }
        double size = Math.min(halfHeight * 1.1, 3.0 * spot.halfWidth() / Math.max(2, text.length()));
        double y = spot.y();
        shapes.add(new Drawing.Label(number, contact.id(), spot.x(),
                wire != null ? y - halfHeight * 0.32 : name.isEmpty() ? y : y - halfHeight * 0.2,
                contact.isShell() ? halfHeight * 1.5 : size, text));
        if (!name.isEmpty() && wire == null) {
            shapes.add(new Drawing.Label(Drawing.Role.NAME, contact.id(), spot.x(), y + halfHeight * 0.5,
                    Math.min(halfHeight * 0.6, 3.0 * spot.halfWidth() / Math.max(2, name.length())), name));
        }
    }

    /** Where a contact was drawn, and how large. */
    record Spot(double x, double y, double halfWidth, double halfHeight) {}

    private static Spot box(Contact contact, double halfWidth, double halfHeight, double corner,
            Drawing.Role role,
            List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Box(role, contact.id(), contact.xMm() - halfWidth, contact.yMm() - halfHeight,
                2 * halfWidth, 2 * halfHeight, corner));
        return new Spot(contact.xMm(), contact.yMm(), halfWidth, halfHeight);
    }

    private static Spot circle(Contact contact, double radius, Drawing.Role role,
            List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Circle(role, contact.id(), contact.xMm(), contact.yMm(), radius));
        return new Spot(contact.xMm(), contact.yMm(), radius, radius);
    }

    private static void wire(Contact contact, Spot spot, String wire, List<Drawing.Shape> shapes) {
        List<String> hex = ColourCode.hex(wire);
        if (hex.isEmpty()) {
            return;
        }
        double band = spot.halfHeight() * 0.62;
        double left = spot.x() - spot.halfWidth() * 0.78;
        double top = spot.y() + spot.halfHeight() * 0.2;
        shapes.add(
                new Drawing.Swatch(Drawing.Role.WIRE, contact.id(), left, top, spot.halfWidth() * 1.56, band,
                        hex.getFirst()));
        if (hex.size() > 1) {
            shapes.add(new Drawing.Swatch(Drawing.Role.STRIPE, contact.id(), left, top + band / 3,
                    spot.halfWidth() * 1.56, band / 3, hex.get(1)));
        }
    }
}
