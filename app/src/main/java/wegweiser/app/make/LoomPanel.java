package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.DrawingPicture;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.LoomDrawing;
import wegweiser.core.assembly.Run;
import wegweiser.core.assembly.Splicing;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Splice;
import wegweiser.core.readings.LoomLine;
import wegweiser.core.readings.LoomList;
import wegweiser.core.words.Words;

/** The branches of a cable: named, measured and spliced line by line, with a picture that follows. */
final class LoomPanel extends VBox {
    private static final double WIDTH = 900;
    private static final double PICTURE = 210;
    private static final double PANEL = 600;
    private static final double WIDEST_MM = 230;

    private final Session session;
    private final DrawingPicture picture = new DrawingPicture(WIDTH - 40, PICTURE);
    private final Label none = Panels.quiet(t("loom.picture.none"));
    private final Button splice = new Button(t("loom.splice"));
    private final LinesPanel<LoomLine> lines;
    private List<LoomLine> read = List.of();

    LoomPanel(Session session, Runnable close) {
        super(8);
        this.session = session;
        setId("loom-panel");
        String begin = begin(session.job());
        lines = new LinesPanel<>(new LinesPanel.Kind<>("loom", text -> LoomList.read(text, session.job()),
                line -> words(line.value().orElseThrow()),
                all -> session.edit(j -> with(j, all)),
                () -> LoomList.of(with(session.job(), read).cable().loom()), "branches.txt"), begin,
                close).mayBeEmpty();
        picture.setId("loom-picture");
        picture.managedProperty().bind(picture.visibleProperty());
        none.managedProperty().bind(none.visibleProperty());
        splice.setId("loom-splice");
        splice.setOnAction(_ -> lines.write(
                LoomList.of(Splicing.of(with(session.job(), read)).cable().loom())));
        VBox.setVgrow(lines, Priority.ALWAYS);
        ScrollPane scroll = Panels.scroll(picture);
        scroll.setPrefViewportHeight(PICTURE);
        scroll.setMinHeight(PICTURE);
        scroll.managedProperty().bind(picture.visibleProperty());
        scroll.visibleProperty().bind(picture.visibleProperty());
        lines.above(new VBox(8, none, scroll, new HBox(10, splice))).setPrefHeight(PANEL);
        getChildren().add(lines);
        lines.onRead(this::show);
        show(LoomList.read(begin, session.job()).values());
        setPrefWidth(WIDTH);
    }

    void begin() {
        lines.begin();
    }

    /** What the job says; without any, a run from the first end to where the others could part. */
    private static String begin(Job job) {
        String said = LoomList.of(job.cable().loom());
        if (!said.isEmpty() || job.ends().size() < 2) {
            return said;
        }
        String fork = t("loom.fork");
        return job.ends().stream().map(e -> e.equals(job.ends().getFirst())
                ? e.name() + " - " + fork
                : fork + " - " + e.name()).collect(Collectors.joining("\n", "", "\n"));
    }

    private static Job with(Job job, List<LoomLine> lines) {
        return job.withCable(job.cable().withLoom(LoomLine.together(lines, job.cable().loom())));
    }

    private void show(List<LoomLine> fresh) {
        read = fresh;
        Job job = with(session.job(), fresh);
        Assembly assembly = Assembly.of(Derived.of(job));
        boolean any = !assembly.runs().isEmpty();
        none.setVisible(!any);
        picture.setVisible(any);
        splice.setDisable(!Splicing.isAsked(job));
        if (any) {
            picture.drawReadable(LoomDrawing.of(assembly, WIDEST_MM), PICTURE);
            picture.setAccessibleText(assembly.runs().stream().map(LoomPanel::spoken)
                    .collect(Collectors.joining("; ")));
        }
    }

    private static String spoken(Run run) {
        return t("loom.run", run.from(), run.to(),
                run.mm().isPresent() ? Words.fixed(run.mm().getAsDouble() / 1000, 2) : "–",
                run.wires().size() + run.unnamed());
    }

    /** A line as it was understood. */
    private String words(LoomLine line) {
        return switch (line) {
            case LoomLine.OfRun(LoomRun run) ->
                Assembly.of(Derived.of(with(session.job(), read))).runs().stream()
                        .filter(r -> r.from().equals(run.from()) && r.to().equals(run.to())).findFirst()
                        .map(LoomPanel::wires)
                        .orElse(t("loom.run.plain", run.from(), run.to()));
            case LoomLine.OfSplice(Splice s) -> t("loom.joins", s.name(), s.wires().size());
            case LoomLine.OfWires(List<OwnWire> some) -> t("loom.gauges", some.size(), some.getFirst().awg());
        };
    }

    private static String wires(Run run) {
        String all = run.wires().isEmpty() ? "" : String.join(" ", run.wires());
        return t("loom.run.wires", run.from(), run.to(), all, run.wires().size() + run.unnamed());
    }
}
