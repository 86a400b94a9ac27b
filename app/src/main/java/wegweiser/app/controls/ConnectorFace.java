package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;

/** A connector as a person holds it, from one side. Contacts can be clicked. */
public final class ConnectorFace extends Region {
    private final Group group = new Group();
    private Optional<ConnectorType> type = Optional.empty();
    private Side side = Side.WIRING;
    private FaceDrawing.Marks marks = FaceDrawing.Marks.NONE;
    private Consumer<String> onContact = _ -> {};
    private Drawing drawing;

    public ConnectorFace() {
        getStyleClass().add("connector-face");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        group.setManaged(false);
        getChildren().add(group);
        widthProperty().addListener(_ -> paint());
        heightProperty().addListener(_ -> paint());
        setMinSize(80, 50);
    }

    /** Shows a connector from a side. */
    public void show(Optional<ConnectorType> newType, Side newSide, FaceDrawing.Marks newMarks) {
        if (newType.equals(type) && newSide == side && newMarks.equals(marks) && drawing != null) {
            return;
        }
        type = newType;
        side = newSide;
        marks = newMarks;
        setAccessibleText(type.map(ConnectorType::title).orElse("") + ", "
                + t(side == Side.WIRING ? "side.wiring" : "side.mating"));
        paint();
    }

    /** What a click on a contact does. */
    public void setOnContact(Consumer<String> action) {
        onContact = action;
    }

    private void paint() {
        group.getChildren().clear();
        drawing = null;
        if (type.isEmpty() || getWidth() < 1) {
            return;
        }
        drawing = FaceDrawing.of(type.get(), side, marks);
        double scale = Math.min((getWidth() - 4) / drawing.widthMm(), (getHeight() - 4) / drawing.heightMm());
        double dx = getWidth() / 2 - (drawing.leftMm() + drawing.widthMm() / 2) * scale;
        double dy = getHeight() / 2 - (drawing.topMm() + drawing.heightMm() / 2) * scale;
        for (Drawing.Shape shape : drawing.shapes()) {
            group.getChildren().add(node(shape, scale, dx, dy));
        }
    }

    private Node node(Drawing.Shape shape, double k, double dx, double dy) {
        Node node = switch (shape) {
            case Drawing.Circle c -> new Circle(dx + c.x() * k, dy + c.y() * k, c.radius() * k);
            case Drawing.Box b -> {
                Rectangle r = new Rectangle(dx + b.x() * k, dy + b.y() * k, b.width() * k, b.height() * k);
                r.setArcWidth(2 * b.corner() * k);
                r.setArcHeight(2 * b.corner() * k);
                yield r;
            }
            case Drawing.Polygon p -> polygon(p.points(), k, dx, dy);
            case Drawing.Label l -> {
                Text text = new Text(l.text());
                text.setFont(
                        Font.font("Overpass Mono SemiBold", Math.clamp(l.size() * k, 6, 26)));
                text.setTextOrigin(VPos.CENTER);
                text.setTextAlignment(TextAlignment.CENTER);
                text.setX(dx + l.x() * k - text.getLayoutBounds().getWidth() / 2);
                text.setY(dy + l.y() * k + 1);
                yield text;
            }
            case Drawing.Swatch s -> {
                Rectangle r = new Rectangle(dx + s.x() * k, dy + s.y() * k, s.width() * k, s.height() * k);
                r.setFill(Color.web(s.hex()));
                yield r;
            }
        };
        node.getStyleClass()
                .add("face-" + shape.role().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
        if (!shape.id().isEmpty()) {
            node.setOnMouseClicked(_ -> onContact.accept(shape.id()));
            node.setId("contact-" + shape.id());
        }
        return node;
    }

    private static Polygon polygon(List<Double> points, double k, double dx, double dy) {
        Polygon polygon = new Polygon();
        for (int i = 0; i < points.size(); i += 2) {
            polygon.getPoints().addAll(dx + points.get(i) * k, dy + points.get(i + 1) * k);
        }
        return polygon;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 210;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 66;
    }
}
