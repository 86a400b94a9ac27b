package wegweiser.core.drawing;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;

/** Draws what holds the contacts: shell, key, tongue, latch, the point of a jack, the clamp behind it. */
final class BodyDrawing {
    /** How far the latch of a modular plug stands out below, in mm. */
    static final double LATCH_MM = 1.6;

    /** Kinds with a round piece of metal for each wire. */
    private static final Set<ConnectorKind> ROUND = EnumSet.of(ConnectorKind.LUG, ConnectorKind.BANANA);

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
                if (ROUND.contains(type.kind())) {
                    type.contacts().forEach(c -> shapes.add(
                            new Drawing.Circle(Drawing.Role.BODY, "", c.xMm(), c.yMm(), h / 2)));
                    break;
                }
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
            case Outline.Axial axial -> AxialDrawing.body(axial, side, shapes);
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
            shapes.add(new Drawing.Box(Drawing.Role.CABLE, "", -w * 0.3, h / 2 - 3.0, w * 0.6, 2.4, 1.2));
        }
    }

    private static void polygon(Drawing.Role role, List<Drawing.Shape> shapes, double... points) {
        shapes.add(new Drawing.Polygon(role, "", Arrays.stream(points).boxed().toList()));
    }
}
