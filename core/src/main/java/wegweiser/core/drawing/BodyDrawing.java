package wegweiser.core.drawing;

import java.util.Arrays;
import java.util.List;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;

/** Draws what holds the contacts: shell, key, tongue, latch, the point of a jack, the clamp behind it. */
final class BodyDrawing {
    /** How far the latch of a modular plug stands out below, in mm. */
    static final double LATCH_MM = 1.6;

    private BodyDrawing() {}

    static void add(ConnectorType type, Side side, List<Drawing.Shape> shapes) {
        Outline outline = type.outline();
        double w = outline.widthMm();
        double h = outline.heightMm();
        switch (outline) {
            case Outline.Tapered _ -> {
                double in = Math.min(1.6, w / 10);
                polygon(Drawing.Role.BODY, shapes, -w / 2, -h / 2, w / 2, -h / 2, w / 2 - in, h / 2,
                        -w / 2 + in, h / 2);
            }
            case Outline.Box box -> {
                shapes.add(new Drawing.Box(Drawing.Role.BODY, "", -w / 2, -h / 2, w, h, 0.5));
                if (box.key() != Outline.Key.NONE) {
                    double keyY = box.key() == Outline.Key.TOP ? -h / 2 : h / 2 - 0.9;
                    shapes.add(new Drawing.Box(Drawing.Role.KEY, "", -2.25, keyY, 4.5, 0.9, 0));
                }
            }
            case Outline.Bevelled _ -> {
                double in = w * 0.22;
                polygon(Drawing.Role.BODY, shapes, -w / 2 + in, -h / 2, w / 2 - in, -h / 2, w / 2,
                        -h / 2 + in, w / 2,
                        h / 2, -w / 2, h / 2, -w / 2, -h / 2 + in);
            }
            case Outline.Tongued tongue -> {
                shapes.add(new Drawing.Box(Drawing.Role.BODY, "", -w / 2, -h / 2, w, h,
                        tongue.round() ? h / 2 : 0.3));
                shapes.add(new Drawing.Box(Drawing.Role.KEY, "", -w * 0.42,
                        tongue.tongueMm() - tongue.tongueHighMm() / 2, w * 0.84, tongue.tongueHighMm(), 0.1));
            }
            case Outline.Round round -> round(round, w, h, shapes);
            case Outline.Latched _ -> latched(type.gender(), side, w, h, shapes);
            case Outline.Axial axial -> {
                if (side == Side.MATING) {
                    shaft(axial, w, h, shapes);
                } else {
                    lugs(type, w, h, shapes);
                }
            }
        }
    }

    private static void round(Outline.Round round, double w, double h, List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Circle(Drawing.Role.BODY, "", 0, 0, w / 2));
        if (round.key() != Outline.Key.NONE) {
            double y = round.key() == Outline.Key.TOP ? -h / 2 : h / 2 - h / 12;
            shapes.add(new Drawing.Box(Drawing.Role.KEY, "", -w / 16, y, w / 8, h / 12, 0));
        }
    }

    /** The latch stands out below a plug and has its slot below in a socket; behind a plug the cable comes towards the eye. */
    private static void latched(Gender gender, Side side, double w, double h, List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Box(Drawing.Role.BODY, "", -w / 2, -h / 2, w, h, 0.4));
        if (gender == Gender.PLUG) {
            shapes.add(
                    new Drawing.Box(Drawing.Role.KEY, "", -w * 0.22, h / 2 - 0.2, w * 0.44, LATCH_MM, 0.3));
        } else {
            shapes.add(new Drawing.Box(Drawing.Role.KEY, "", -w * 0.25, h / 2 - 1.4, w * 0.5, 1.4, 0));
        }
        if (gender == Gender.PLUG && side == Side.WIRING) {
            shapes.add(new Drawing.Box(Drawing.Role.CABLE, "", -w * 0.3, h / 2 - 3.4, w * 0.6, 2.6, 1.2));
        }
    }

    /** The part that goes in, tip up: what lies between its contacts insulates. */
    private static void shaft(Outline.Axial axial, double w, double h, List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Box(Drawing.Role.KEY, "", -w * 0.46, -h / 2, w * 0.92, h, 0.3));
        if (axial.pointed()) {
            polygon(Drawing.Role.BODY, shapes, -w * 0.12, -h / 2 - 0.5, w * 0.12, -h / 2 - 0.5, w * 0.46,
                    -h / 2 + w * 0.22,
                    -w * 0.46, -h / 2 + w * 0.22);
        }
    }

    /** What the barrel hides: the body from which the lugs come, and below the clamp that grips the sheath. */
    private static void lugs(ConnectorType type, double w, double h, List<Drawing.Shape> shapes) {
        shapes.add(new Drawing.Box(Drawing.Role.BODY, "", -w / 2, -h / 2, w, h, 0.6));
        Contact clamp = type.contacts().getLast();
        double from = Math.min(clamp.yMm(), h / 2 - w * 0.5);
        shapes.add(new Drawing.Box(Drawing.Role.CABLE, "", -w * 0.2, from, w * 0.4, h / 2 - from, 0.3));
        shapes.add(
                new Drawing.Box(Drawing.Role.KEY, "", -w * 0.48, h / 2 - w * 0.22, w * 0.96, w * 0.18, 0.2));
    }

    private static void polygon(Drawing.Role role, List<Drawing.Shape> shapes, double... points) {
        shapes.add(new Drawing.Polygon(role, "", Arrays.stream(points).boxed().toList()));
    }
}
