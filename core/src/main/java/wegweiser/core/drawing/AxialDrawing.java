package wegweiser.core.drawing;

import java.util.List;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;

/** Draws what is seen from the side: jacks, phono and barrels, and on their wiring side the lugs under the barrel. */
final class AxialDrawing {
    /** Height of the names beside the contacts, as a share of the length. */
    private static final double NAME = 0.085;

    private AxialDrawing() {}

    /** How much room the names take at either side, in mm. */
    static double besideMm(ConnectorType type, Outline.Axial axial) {
        int longest = type.contacts().stream().mapToInt(c -> c.id().length()).max().orElse(0);
        return 0.62 * longest * NAME * axial.heightMm() + 0.6;
    }

    /** The name beside a contact. */
    static Drawing.Label label(Drawing.Role role, Contact contact, Outline.Axial axial, String text) {
        double size = NAME * axial.heightMm();
        return new Drawing.Label(role, contact.id(), axial.widthMm() / 2 + 0.4 + 0.31 * text.length() * size,
                contact.yMm(), size, text);
    }

    /** Draws a contact and says where. */
    static FaceDrawing.Spot spot(Contact contact, Outline.Axial axial, Side side, double pitch,
            Drawing.Role role,
            List<Drawing.Shape> shapes) {
        double w = axial.widthMm();
        double y = contact.yMm();
        boolean last = y + pitch * 0.6 > axial.heightMm() / 2;
        if (side == Side.WIRING) {
            return last ? clamp(contact, axial, pitch, role, shapes) : lug(contact, w, pitch, role, shapes);
        }
        if (contact.row() == 0 && axial.pointed()) {
            double h = pitch * 0.43;
            shapes.add(new Drawing.Polygon(role, contact.id(),
                    List.of(-w * 0.3, y + h, w * 0.3, y + h, w * 0.3, y + h * 0.2,
                            w * 0.46, y - h * 0.1, w * 0.14, y - h, -w * 0.14, y - h, -w * 0.46, y - h * 0.1,
                            -w * 0.3,
                            y + h * 0.2)));
            return new FaceDrawing.Spot(0, y + h * 0.3, w * 0.3, h * 0.6);
        }
        double halfWidth = axial.pointed() || last ? w * 0.46 : w * 0.14;
        double halfHeight = pitch * 0.43;
        shapes.add(new Drawing.Box(role, contact.id(), -halfWidth, y - halfHeight, 2 * halfWidth,
                2 * halfHeight, 0.2));
        return new FaceDrawing.Spot(0, y, halfWidth, halfHeight);
    }

    private static FaceDrawing.Spot lug(Contact contact, double w, double pitch, Drawing.Role role,
            List<Drawing.Shape> shapes) {
        double halfWidth = w * 0.18;
        double halfHeight = Math.min(pitch * 0.4, w * 0.42);
        shapes.add(new Drawing.Box(role, contact.id(), contact.xMm() - halfWidth, contact.yMm() - halfHeight,
                2 * halfWidth, 2 * halfHeight, halfWidth));
        return new FaceDrawing.Spot(contact.xMm(), contact.yMm(), halfWidth, halfHeight);
    }

    /** The long one, which ends in the wings that grip the sheath. */
    private static FaceDrawing.Spot clamp(Contact contact, Outline.Axial axial, double pitch,
            Drawing.Role role,
            List<Drawing.Shape> shapes) {
        double w = axial.widthMm();
        double top = contact.yMm() - pitch * 0.3;
        double bottom = axial.heightMm() / 2;
        double neck = bottom - (bottom - top) * 0.35;
        shapes.add(new Drawing.Polygon(role, contact.id(),
                List.of(-w * 0.2, top, w * 0.2, top, w * 0.2, neck, w * 0.46, neck,
                        w * 0.46, bottom, -w * 0.46, bottom, -w * 0.46, neck, -w * 0.2, neck)));
        return new FaceDrawing.Spot(0, (top + neck) / 2, w * 0.2, (neck - top) / 2);
    }

    /** What holds the contacts: insulation where they are seen from the side, the body behind the lugs. */
    static void body(Outline.Axial axial, Side side, List<Drawing.Shape> shapes) {
        double w = axial.widthMm();
        double h = axial.heightMm();
        if (side == Side.MATING) {
            double half = axial.pointed() ? 0.42 : 0.3;
            shapes.add(new Drawing.Box(Drawing.Role.INSULATION, "", -w * half, -h / 2 + h * 0.08,
                    w * 2 * half, h * 0.9,
                    0.2));
        } else {
            shapes.add(new Drawing.Box(Drawing.Role.BODY, "", -w / 2, -h / 2, w, h * 0.9, 0.6));
        }
    }
}
