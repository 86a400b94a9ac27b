package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
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
import wegweiser.core.words.Words;

/** A connector as a person holds it, from one side. Contacts can be clicked. */
public final class ConnectorFace extends Region {
    private final Group group = new Group();
    private Optional<ConnectorType> type = Optional.empty();
    private Side side = Side.WIRING;
    private FaceDrawing.Marks marks = FaceDrawing.Marks.NONE;
    private Consumer<String> onContact = _ -> {};
    private Consumer<String> onHover = _ -> {};
    private Drawing drawing;
    private List<Placed> painted = List.of();
    private double zoom = 1;
    private double panX;
    private double panY;
    private double pressedX;
    private double pressedY;

    /** Height in pixels below which nobody reads a name. */
    private static final double LEAST_LETTERS = 6.5;

    public ConnectorFace() {
        getStyleClass().add("connector-face");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        group.setManaged(false);
        getChildren().add(group);
        widthProperty().addListener(_ -> paint());
        heightProperty().addListener(_ -> paint());
        setMinSize(80, 50);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
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
                + t(side == Side.WIRING ? "side.wiring" : "side.mating")
                + (marks.lit().isEmpty()
                        ? ""
                        : ", " + t("face.lit", Words.list(marks.lit().stream().sorted().toList()))));
        paint();
    }

    /** What a click on a contact does. */
    public void setOnContact(Consumer<String> action) {
        onContact = action;
    }

    /** What is told which contact the mouse is over; empty when over none. */
    public void setOnHover(Consumer<String> action) {
        onHover = action;
    }

    /** Lets the wheel zoom and dragging move the picture. */
    public void zoomable() {
        setOnScroll(e -> {
            zoomTo(zoom * (e.getDeltaY() > 0 ? 1.25 : 0.8));
            e.consume();
        });
        setOnMousePressed(e -> {
            pressedX = e.getX() - panX;
            pressedY = e.getY() - panY;
        });
        setOnMouseDragged(e -> {
            if (zoom > 1) {
                panX = e.getX() - pressedX;
                panY = e.getY() - pressedY;
                group.setTranslateX(panX);
                group.setTranslateY(panY);
            }
        });
    }

    /** Shows the picture so many times as large as it fits, 1 to 8; at 1 it lies in the middle. */
    public void zoomTo(double newZoom) {
        zoom = Math.clamp(newZoom, 1, 8);
        if (zoom == 1) {
            panX = 0;
            panY = 0;
        }
        group.setTranslateX(panX);
        group.setTranslateY(panY);
        paint();
    }

    public double zoom() {
        return zoom;
    }

    /** Where a contact lies in the scene; empty where none is shown. */
    public Optional<Bounds> at(String contact) {
        return group.getChildren().stream().filter(n -> ("contact-" + contact).equals(n.getId())).findFirst()
                .map(n -> n.localToScene(n.getBoundsInLocal()));
    }

    private void near(String contact, boolean on) {
        List<String> ids = type.filter(t -> t.has(contact)).map(t -> t.neighbours(contact)).orElse(List.of());
        for (Node node : group.getChildren()) {
            if (node.getId() != null && ids.contains(node.getId().substring("contact-".length()))) {
                node.getStyleClass().remove("near");
                if (on) {
                    node.getStyleClass().add("near");
                }
            }
        }
        onHover.accept(on ? contact : "");
    }

    private void paint() {
        if (type.isEmpty() || getWidth() < 1) {
            drawing = null;
            painted = List.of();
            group.getChildren().clear();
            return;
        }
        drawing = FaceDrawing.of(type.get(), side, marks);
        double scale = scale();
        if (drawing.shapes().stream()
                .anyMatch(s -> s.role() == Drawing.Role.LEADER && !readable(s.id(), scale()))) {
            // names beside the face that nobody could read only make it smaller
            drawing = FaceDrawing.of(type.get(), side, new FaceDrawing.Marks(marks.wires(), marks.lit()));
            scale = scale();
        }
        paint(scale);
    }

    private double scale() {
        return Math.min((getWidth() - 4) / drawing.widthMm(), (getHeight() - 4) / drawing.heightMm()) * zoom;
    }

    private void paint(double scale) {
        double dx = getWidth() / 2 - (drawing.leftMm() + drawing.widthMm() / 2) * scale;
        double dy = getHeight() / 2 - (drawing.topMm() + drawing.heightMm() / 2) * scale;
        // a name that nobody could read is left out until the picture is large enough
        List<Placed> wanted = drawing.shapes().stream()
                .filter(s -> !isOfName(s) || readable(s.id(), scale))
                .map(s -> new Placed(s, scale, dx, dy)).toList();
        if (wanted.size() == painted.size()) {
            for (int k = 0; k < wanted.size(); k++) {
                if (!wanted.get(k).equals(painted.get(k))) {
                    group.getChildren().set(k, node(wanted.get(k).shape(), scale, dx, dy));
                }
            }
        } else {
            group.getChildren().setAll(wanted.stream().map(p -> node(p.shape(), scale, dx, dy)).toList());
        }
        painted = wanted;
    }

    private static boolean isOfName(Drawing.Shape shape) {
        return shape.role() == Drawing.Role.NAME || shape.role() == Drawing.Role.LEADER;
    }

    private boolean readable(String contact, double scale) {
        return drawing.shapes().stream().anyMatch(s -> s.role() == Drawing.Role.NAME && s.id().equals(contact)
                && ((Drawing.Label) s).size() * scale >= LEAST_LETTERS);
    }

    /** A shape where it lies on the screen: what is there already stays there. */
    private record Placed(Drawing.Shape shape, double scale, double dx, double dy) {}

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
                .add("face-" + shape.role().id());
        if (!shape.id().isEmpty()) {
            node.setOnMouseClicked(_ -> onContact.accept(shape.id()));
            node.setId("contact-" + shape.id());
            node.setOnMouseEntered(_ -> near(shape.id(), true));
            node.setOnMouseExited(_ -> near(shape.id(), false));
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
