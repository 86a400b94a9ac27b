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

    /** The same picture, larger by a factor. */
    public Drawing scaled(double f) {
        return new Drawing(f * leftMm, f * topMm, f * widthMm, f * heightMm,
                shapes.stream().map(s -> scaled(s, f)).toList());
    }

    private static Shape scaled(Shape shape, double f) {
        return switch (shape) {
            case Circle c -> new Circle(c.role, c.id, f * c.x, f * c.y, f * c.radius);
            case Box b -> new Box(b.role, b.id, f * b.x, f * b.y, f * b.width, f * b.height, f * b.corner);
            case Polygon p -> new Polygon(p.role, p.id, p.points.stream().map(v -> f * v).toList());
            case Label l -> new Label(l.role, l.id, f * l.x, f * l.y, f * l.size, l.text);
            case Swatch w -> new Swatch(w.role, w.id, f * w.x, f * w.y, f * w.width, f * w.height, w.hex);
        };
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
