package wegweiser.core.drawing;

import java.util.List;
import wegweiser.core.model.HasId;

/**
 * A picture as shapes in mm, x to the right and y down. Each shape names its role; what a role looks like is the
 * business of whoever draws it, on screen or on paper.
 */
public record Drawing(double leftMm, double topMm, double widthMm, double heightMm, List<Shape> shapes) {
    public Drawing {
        shapes = List.copyOf(shapes);
    }

    /** What a shape stands for. */
    public enum Role implements HasId {
        BODY,
        KEY,
        INSULATION,
        CONTACT,
        CONTACT_USED,
        CONTACT_LIT,
        CONTACT_DIM,
        NUMBER,
        NUMBER_LIT,
        NAME,
        LEADER,
        CABLE,
        WIRE,
        STRIPE
    }

    /** A shape with its role; {@code id} is the contact it belongs to, or empty. */
    public sealed interface Shape {
        Role role();

        String id();
    }

    /** A circle. */
    public record Circle(Role role, String id, double x, double y, double radius) implements Shape {}

    /** A rectangle with rounded corners. */
    public record Box(Role role, String id, double x, double y, double width, double height, double corner)
            implements
                Shape {}

    /** A closed polygon: x and y in turn. */
    public record Polygon(Role role, String id, List<Double> points) implements Shape {
        public Polygon {
            points = List.copyOf(points);
        }
    }

    /** Text centred on a point; {@code size} is its height in mm. */
    public record Label(Role role, String id, double x, double y, double size,
            String text) implements Shape {}

    /** A filled shape in a wire's own colour, as hex. */
    public record Swatch(Role role, String id, double x, double y, double width, double height, String hex)
            implements
                Shape {}
}
