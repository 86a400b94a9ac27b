package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import wegweiser.app.controls.ConnectorFace;
import wegweiser.app.controls.FacePanel;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Pegs;

/**
 * Two ends as they are wired, side by side, with the plan drawn between them. Pressed on a contact, drawn to another and let
 * go, the mouse joins the two; where they were joined already, it parts them.
 */
final class FacesPanel extends VBox {
    private static final double REACH = 14;
    private static final double SIDE = 380;
    private static final double HEIGHT = 320;

    private final Session session;
    private final Facing facing;
    private final List<Half> halves = new ArrayList<>();
    private final Pane wires = new Pane();
    private final Line drawn = new Line();
    private final Label words = new Label(t("faces.hint"));
    private Optional<Terminal> start = Optional.empty();

    /** One end: its connector, or its leads one below the other. */
    private static final class Half {
        private final String end;
        private final ConnectorFace face = new ConnectorFace();
        private final VBox leads = new VBox(5);
        private final Label side = Panels.quiet("");
        private final StackPane place = new StackPane(face, leads);
        private final Map<String, Label> spots = new HashMap<>();
        private List<String> contacts = List.of();

        Half(String end) {
            this.end = end;
            place.setMinSize(SIDE, HEIGHT);
            place.setPrefSize(SIDE, HEIGHT);
            leads.setAlignment(javafx.geometry.Pos.CENTER);
            side.setMaxWidth(SIDE);
        }

        void show(Job job) {
            End shown = job.end(end).orElseThrow();
            Optional<ConnectorType> type = Catalogue.of(job).of(shown);
            contacts = Terminals.of(job, shown).stream().map(Terminal::contact).toList();
            Map<String, String> names = new HashMap<>();
            shown.pinout().forEach((PinRow r) -> names.put(r.contact(), r.label()));
            face.setVisible(type.isPresent());
            face.show(type, Side.WIRING, new FaceDrawing.Marks(Map.of(), Set.of(), names));
            side.setText(type.map(c -> FacePanel.words(c, Side.WIRING)).orElse(t("ends.leads")));
            leads.getChildren().clear();
            spots.clear();
            if (type.isEmpty()) {
                for (String contact : contacts) {
                    Label spot = new Label(contact + "  " + names.getOrDefault(contact, ""));
                    spot.getStyleClass().add("lead-spot");
                    spots.put(contact, spot);
                    leads.getChildren().add(spot);
                }
            }
        }

        /** Where a contact lies in the scene. */
        Optional<Bounds> at(String contact) {
            Label spot = spots.get(contact);
            return spot == null ? face.at(contact) : Optional.of(spot.localToScene(spot.getBoundsInLocal()));
        }
    }

    FacesPanel(Session session, Facing facing, Runnable close) {
        super(10);
        this.session = session;
        this.facing = facing;
        setId("faces");
        HBox both = new HBox(40);
        for (String end : List.of(facing.rows(), facing.columns())) {
            Half half = new Half(end);
            halves.add(half);
            Label name = new Label(end);
            name.getStyleClass().add("end-name");
            both.getChildren().add(new VBox(6, name, half.side, half.place));
        }
        drawn.setVisible(false);
        drawn.getStyleClass().add("drawn-wire");
        wires.setId("faces-wires");
        wires.setPickOnBounds(true);
        wires.setOnMousePressed(this::press);
        wires.setOnMouseDragged(this::drag);
        wires.setOnMouseReleased(this::release);
        StackPane ground = new StackPane(both, wires);
        VBox.setVgrow(ground, Priority.ALWAYS);
        words.setId("faces-words");
        Panels.whole(words);
        Button back = new Button(t("bundle.close"));
        back.setId("faces-close");
        back.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(t("faces.title", facing.rows(), facing.columns())), ground, words,
                back);
        // contacts have their places once the faces are laid out
        both.layoutBoundsProperty().addListener((_, _, _) -> paintLater());
        Panels.whileShown(this, session.jobProperty(), this::show);
    }

    private void show(Job job) {
        if (job.end(facing.rows()).isPresent() && job.end(facing.columns()).isPresent()) {
            halves.forEach(h -> h.show(job));
            paintLater();
        }
    }

    private void paintLater() {
        javafx.application.Platform.runLater(() -> paint(session.job()));
    }

    private void paint(Job job) {
        wires.getChildren().clear();
        for (Link link : job.links()) {
            Optional<Bounds> a = at(link.from());
            Optional<Bounds> b = link.to().flatMap(this::at);
            if (a.isPresent() && b.isPresent()) {
                wires.getChildren().addAll(wire(link, edge(a.get(), b.get()), edge(b.get(), a.get())));
            }
        }
        wires.getChildren().add(drawn);
    }

    /** Where a wire to another contact leaves one, so that it does not hide its number. */
    private static Point2D edge(Bounds here, Bounds there) {
        Point2D middle = new Point2D(here.getCenterX(), here.getCenterY());
        Point2D way = new Point2D(there.getCenterX(), there.getCenterY()).subtract(middle).normalize();
        double along = Math.min(here.getWidth() / 2 / Math.max(1e-9, Math.abs(way.getX())),
                here.getHeight() / 2 / Math.max(1e-9, Math.abs(way.getY())));
        return middle.add(way.multiply(along));
    }

    private Optional<Bounds> at(Terminal terminal) {
        return halves.stream().filter(h -> h.end.equals(terminal.end())).findFirst()
                .flatMap(h -> h.at(terminal.contact())).map(wires::sceneToLocal);
    }

    /** The wire in its colour on a dark edge, so that white ones are seen too. */
    private static List<Line> wire(Link link, Point2D a, Point2D b) {
        Line edge = new Line(a.getX(), a.getY(), b.getX(), b.getY());
        edge.getStyleClass().add("wire-edge");
        Line core = new Line(a.getX(), a.getY(), b.getX(), b.getY());
        List<String> hex = link.conductor().map(ColourCode::hex).orElse(List.of());
        core.getStyleClass().addAll("wire-core", hex.isEmpty() ? "wire-plain" : "wire-coloured");
        if (!hex.isEmpty()) {
            core.setStroke(Color.web(hex.getFirst()));
        }
        if (!link.isCopper()) {
            core.getStrokeDashArray().setAll(7.0, 6.0);
        }
        edge.setMouseTransparent(true);
        core.setMouseTransparent(true);
        return List.of(edge, core);
    }

    private Optional<Terminal> near(MouseEvent e) {
        Point2D here = wires.localToScene(e.getX(), e.getY());
        record Spot(Terminal terminal, double distance) {}
        List<Spot> spots = new ArrayList<>();
        for (Half half : halves) {
            for (String contact : half.contacts) {
                half.at(contact).ifPresent(b -> spots.add(new Spot(new Terminal(half.end, contact),
                        b.contains(here) ? 0 : here.distance(b.getCenterX(), b.getCenterY()))));
            }
        }
        return spots.stream().filter(s -> s.distance <= REACH).min(Comparator.comparingDouble(Spot::distance))
                .map(Spot::terminal);
    }

    private void press(MouseEvent e) {
        start = near(e);
        start.flatMap(this::at).ifPresent(p -> {
            drawn.setStartX(p.getCenterX());
            drawn.setStartY(p.getCenterY());
            drawn.setEndX(e.getX());
            drawn.setEndY(e.getY());
            drawn.setVisible(true);
        });
        words.setText(start.map(s -> t("faces.from", s)).orElse(t("faces.hint")));
    }

    private void drag(MouseEvent e) {
        drawn.setEndX(e.getX());
        drawn.setEndY(e.getY());
        Optional<Terminal> over = near(e);
        start.ifPresent(s -> words.setText(over.filter(o -> !o.equals(s)).map(o -> t("faces.to", s, o))
                .orElse(t("faces.from", s))));
    }

    private void release(MouseEvent e) {
        drawn.setVisible(false);
        Optional<Terminal> end = near(e);
        if (start.isPresent() && end.isPresent() && !start.equals(end)) {
            joined(start.get(), end.get());
        }
        start = Optional.empty();
    }

    private void joined(Terminal a, Terminal b) {
        boolean there = session.job().links().stream().anyMatch(l -> l.joins(a, b));
        words.setText(t(there ? "faces.parted" : "faces.joined", a, b));
        session.edit(job -> Pegs.turned(job, a, b));
    }
}
