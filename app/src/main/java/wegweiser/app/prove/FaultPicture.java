package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import wegweiser.app.controls.ConnectorFace;
import wegweiser.app.controls.Faces;
import wegweiser.app.controls.Facing;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.Side;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * Two ends of a cable from the side where hands worked, the wires between them, and a mark wherever a fault could still be,
 * as large as its chance; where readings exclude every fault there is a tick.
 */
final class FaultPicture extends Region {
    private static final double GAP = 0.16;
    private static final double LABEL = 22;
    /** Contacts that lie further apart than this have room enough. */
    private static final double WIDE = 60;
    /** How far over a contact its mark lies, as a share of the distance to the next. */
    private static final double OVER = 0.42;
    /** Left of the names, where the mark of a whole end lies. */
    private static final double MARGIN = 26;
    private static final double LEAST = 3;
    private static final double MOST = 12;
    /** So likely is a fault at one place whose mark is the largest. */
    private static final double LARGE = 0.02;

    private final ConnectorFace first = new ConnectorFace();
    private final ConnectorFace second = new ConnectorFace();
    private final Label firstName = new Label();
    private final Label secondName = new Label();
    private final Group wires = new Group();
    private final Group marks = new Group();
    private Side side = Side.WIRING;
    private Job job;
    private Optional<End> near = Optional.empty();
    private Optional<End> far = Optional.empty();
    private double firstSpace = WIDE;
    private double secondSpace = WIDE;
    private List<Terminal> lit = List.of();
    private FaultSpots spots = new FaultSpots(List.of());

    FaultPicture() {
        setId("fault-picture");
        getStyleClass().add("fault-picture");
        wires.setManaged(false);
        marks.setManaged(false);
        marks.setMouseTransparent(true);
        firstName.getStyleClass().add("quiet");
        secondName.getStyleClass().add("quiet");
        getChildren().addAll(wires, first, second, firstName, secondName, marks);
        setMinHeight(120);
    }

    /** Shows the two ends that face each other, with what is left. */
    void show(Job newJob, Facing facing, List<Terminal> newLit, List<FaultChances.Chance> chances) {
        job = newJob;
        near = facing.isNone() ? newJob.ends().stream().findFirst() : newJob.end(facing.rows());
        far = facing.isNone() ? Optional.empty() : newJob.end(facing.columns());
        lit = newLit;
        spots = FaultSpots.of(chances);
        long left = spots.spots().stream().filter(s -> !s.excluded()).count();
        setAccessibleText(t("prove.picture.spoken", left));
        paint();
        requestLayout();
    }

    /** Looks at both connectors from the other side. */
    void flip() {
        side = side.flipped();
        paint();
        requestLayout();
    }

    String sideWords() {
        return t(side == Side.WIRING ? "side.wiring" : "side.mating");
    }

    private void paint() {
        if (job != null) {
            Map<Terminal, String> conductors = Faces.wires(job);
            Catalogue catalogue = Catalogue.of(job);
            near.ifPresent(e -> show(first, firstName, e, catalogue, conductors));
            far.ifPresent(e -> show(second, secondName, e, catalogue, conductors));
        }
        second.setVisible(far.isPresent());
        secondName.setVisible(far.isPresent());
    }

    private void show(ConnectorFace face, Label name, End end, Catalogue catalogue,
            Map<Terminal, String> conductors) {
        face.show(catalogue.of(end), side, Faces.marks(end, lit, conductors));
        name.setText(end.name() + "  " + (end.device().isEmpty() ? "" : end.device() + " · ")
                + catalogue.of(end).map(c -> c.title()).orElse(t("ends.leads")));
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight() - LABEL;
        double width = w * (1 - GAP) / 2;
        first.resizeRelocate(0, 0, width, h);
        second.resizeRelocate(w - width, 0, width, h);
        firstName.resizeRelocate(MARGIN, h, width - MARGIN, LABEL);
        secondName.resizeRelocate(w - width + MARGIN, h, width - MARGIN, LABEL);
        firstSpace = Math.min(WIDE, closest(first, near));
        secondSpace = Math.min(WIDE, closest(second, far));
        wires.getChildren().setAll(job == null || far.isEmpty() ? List.of() : cable(width, w - width, h));
        marks.getChildren()
                .setAll(spots.spots().stream().sorted((a, b) -> Double.compare(b.chance(), a.chance()))
                        .flatMap(s -> at(s.place()).map(p -> mark(s, p)).stream()).toList());
        // what is added while it is laid out would be drawn without its looks once
        applyCss();
    }

    /** The wires between both ends, side by side in their colours. */
    private List<Node> cable(double left, double right, double h) {
        List<Link> between = job.links().stream().filter(Link::isCopper)
                .filter(l -> joins(l, near.orElseThrow(), far.orElseThrow())).toList();
        double pitch = Math.min(12, h * 0.7 / Math.max(1, between.size()));
        double top = h / 2 - pitch * between.size() / 2;
        List<Node> nodes = new ArrayList<>();
        Rectangle sheath = new Rectangle(left + (right - left) * 0.1, top - 5, (right - left) * 0.8,
                pitch * between.size() + 10);
        sheath.getStyleClass().add("fault-sheath");
        nodes.add(sheath);
        for (int k = 0; k < between.size(); k++) {
            double y = top + pitch * (k + 0.5);
            Line line = new Line(left, y, right, y);
            List<String> hex = between.get(k).conductor().map(ColourCode::hex).orElse(List.of());
            line.setStrokeWidth(Math.max(1.2, pitch * 0.4));
            if (hex.isEmpty()) {
                line.getStyleClass().add("fault-wire");
            } else {
                line.setStroke(Color.web(hex.getFirst()));
                Line edge = new Line(left, y, right, y);
                edge.setStrokeWidth(line.getStrokeWidth() + 1.4);
                edge.getStyleClass().add("fault-wire");
                nodes.add(edge);
            }
            nodes.add(line);
        }
        return nodes;
    }

    private static boolean joins(Link link, End one, End other) {
        String from = link.from().end();
        String to = link.to().orElseThrow().end();
        return from.equals(one.name()) && to.equals(other.name())
                || from.equals(other.name()) && to.equals(one.name());
    }

    /** Where a place lies on the picture; empty for ends that are not shown. */
    private Optional<Point2D> at(FaultSpots.Place place) {
        if (place.end().isEmpty()) {
            return Optional.of(new Point2D(getWidth() / 2, (getHeight() - LABEL) / 2))
                    .filter(_ -> far.isPresent());
        }
        boolean here = near.filter(e -> e.name().equals(place.end())).isPresent();
        if (!here && far.filter(e -> e.name().equals(place.end())).isEmpty()) {
            return Optional.empty();
        }
        ConnectorFace face = here ? first : second;
        List<Point2D> points = place.contacts().stream().flatMap(c -> face.at(c).stream()).map(this::middle)
                .toList();
        if (points.size() < place.contacts().size()) {
            return Optional.empty();
        }
        return Optional.of(switch (points.size()) {
            case 0 -> new Point2D(face.getLayoutX() + MARGIN / 2, getHeight() - LABEL / 2);
            // over the contact, so that its number can be read
            case 1 -> points.getFirst().add(0, -OVER * space(place));
            default -> points.get(0).midpoint(points.get(1));
        });
    }

    private Point2D middle(Bounds inScene) {
        Bounds here = sceneToLocal(inScene);
        return new Point2D(here.getCenterX(), here.getCenterY());
    }

    /** How close two contacts of a connector lie on the picture, so that marks do not cover each other. */
    private double closest(ConnectorFace face, Optional<End> end) {
        List<Point2D> all = end.flatMap(e -> Catalogue.of(job).of(e)).stream()
                .flatMap(c -> c.contacts().stream())
                .flatMap(c -> face.at(c.id()).stream()).map(this::middle).toList();
        double least = Double.MAX_VALUE;
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                least = Math.min(least, all.get(i).distance(all.get(j)));
            }
        }
        return least;
    }

    /** How far apart contacts lie on the picture at a place. */
    private double space(FaultSpots.Place place) {
        return near.filter(e -> e.name().equals(place.end())).isPresent() ? firstSpace : secondSpace;
    }

    private Node mark(FaultSpots.Spot spot, Point2D at) {
        if (spot.excluded()) {
            Polyline tick = new Polyline(-4, 0, -1, 3.5, 5, -4.5);
            tick.getStyleClass().add("fault-tick");
            tick.setTranslateX(at.getX());
            tick.setTranslateY(at.getY());
            return tick;
        }
        double share = Math.min(1, spot.chance() / LARGE);
        double most = Math.clamp(space(spot.place()) / 4, LEAST, MOST);
        Circle mark = new Circle(at.getX(), at.getY(), LEAST + (most - LEAST) * Math.sqrt(share));
        mark.getStyleClass().add("fault-mark");
        if (spot.harm()) {
            mark.getStyleClass().add("harm");
        }
        return mark;
    }
}
