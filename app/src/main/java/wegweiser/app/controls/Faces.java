package wegweiser.app.controls;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** The faces of the two ends that face each other on the pegboard, one above the other. */
public final class Faces extends VBox {
    private final FacePanel first = new FacePanel();
    private final FacePanel second = new FacePanel();

    public Faces() {
        getStyleClass().addAll("sheet", "faces");
        VBox.setVgrow(first, Priority.ALWAYS);
        VBox.setVgrow(second, Priority.ALWAYS);
        Node rule = Panels.rule();
        rule.visibleProperty().bind(second.visibleProperty());
        Node flip = Panels.quiet(wegweiser.app.texts.Texts.t("faces.flip"));
        flip.visibleProperty().bind(first.visibleProperty());
        getChildren().addAll(first, rule, second, flip);
    }

    /** The faces in a column of their own, which scrolls where the window is low. */
    public Node column() {
        ScrollPane scroll = Panels.side(this);
        scroll.setMinWidth(226);
        scroll.setPrefWidth(240);
        scroll.setMaxWidth(252);
        return scroll;
    }

    /** Shows both ends with some contacts lit. */
    public void show(Job job, Facing facing, List<Terminal> lit, Map<Terminal, String> wires) {
        boolean two = !facing.isNone();
        show(first, job, two ? job.end(facing.rows()) : job.ends().stream().findFirst(), lit, wires);
        show(second, job, two ? job.end(facing.columns()) : Optional.empty(), lit, wires);
    }

    private static void show(FacePanel panel, Job job, Optional<End> shown, List<Terminal> lit,
            Map<Terminal, String> wires) {
        panel.setVisible(shown.isPresent());
        shown.ifPresent(end -> panel.show(end, Catalogue.of(job).of(end), marks(end, lit, wires)));
    }

    /** Marks at one end. */
    public static FaceDrawing.Marks marks(End end, List<Terminal> lit, Map<Terminal, String> wires) {
        Map<String, String> own = new HashMap<>();
        wires.forEach((terminal, code) -> {
            if (terminal.end().equals(end.name())) {
                own.put(terminal.contact(), code);
            }
        });
        Set<String> ids = new LinkedHashSet<>();
        lit.stream().filter(t -> t.end().equals(end.name())).map(Terminal::contact).forEach(ids::add);
        return new FaceDrawing.Marks(own, ids);
    }

    /** The conductor at each terminal that a link names. */
    public static Map<Terminal, String> wires(Job job) {
        Map<Terminal, String> wires = new HashMap<>();
        job.cable().loom().splices().stream().flatMap(s -> s.wires().stream())
                .forEach(tail -> wires.put(tail.to(), tail.wire()));
        for (Link link : job.links()) {
            link.conductor().ifPresent(c -> {
                wires.putIfAbsent(link.from(), c);
                link.to().ifPresent(t -> wires.putIfAbsent(t, c));
            });
        }
        return wires;
    }

    /** Turns both connectors over. */
    public void flip() {
        first.flip();
        second.look(first.side());
    }
}
