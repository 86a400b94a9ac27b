package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import wegweiser.app.controls.DrawingPicture;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Next;
import wegweiser.app.stage.Progress;
import wegweiser.app.stage.StageId;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.BenchJob;

/** A job as a card: the faces of its ends, five small arms, and what comes next in words. */
final class CardView extends HBox {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("yyyy-MM-dd");
    private static final double FACE_WIDTH = 92;
    private static final double FACE_HEIGHT = 72;
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");
    private static final PseudoClass TROUBLE = PseudoClass.getPseudoClass("trouble");

    private final DrawingPicture near = new DrawingPicture(FACE_WIDTH, FACE_HEIGHT);
    private final DrawingPicture far = new DrawingPicture(FACE_WIDTH, FACE_HEIGHT);
    private final Label more = Panels.quiet("");
    private final List<Label> loose = List.of(Panels.quiet(""), Panels.quiet(""));
    private final Label title = new Label();
    private final Label about = new Label();
    private final Label next = new Label();
    private final List<Polygon> arms = new ArrayList<>();

    /** @param corner stands in the upper right corner */
    CardView(Node corner) {
        getStyleClass().add("job-card");
        Region wire = new Region();
        wire.getStyleClass().add("card-wire");
        HBox faces = new HBox(6, new StackPane(near, loose.get(0)), wire, new StackPane(far, loose.get(1)),
                more);
        faces.setAlignment(Pos.CENTER_LEFT);
        faces.getStyleClass().add("card-faces");
        title.getStyleClass().add("card-title");
        about.getStyleClass().add("quiet");
        next.getStyleClass().add("card-next");
        Panels.whole(next);
        Tooltip all = new Tooltip();
        all.textProperty().bind(next.textProperty());
        next.hoverProperty().subscribe(over -> next.setTooltip(over && isCut(next) ? all : null));
        HBox row = new HBox(4);
        for (StageId id : StageId.OF_A_JOB) {
            Polygon arm = new Polygon(0, 0, 33, 0, 40, 6, 33, 12, 0, 12);
            arm.getStyleClass().add("small-arm");
            arm.setId("small-" + id.id());
            arms.add(arm);
            row.getChildren().add(arm);
        }
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        title.setMinWidth(40);
        HBox head = new HBox(8, title, space, corner);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(3, head, about, row, next);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().addAll(faces, words);
    }

    void show(Card card, boolean away) {
        BenchJob bench = card.job();
        title.setText(bench.title());
        Optional<Job> job = bench.job();
        faces(job);
        about.setText(about(bench, away));
        for (int k = 0; k < arms.size(); k++) {
            StageId id = StageId.OF_A_JOB.get(k);
            Optional<Progress.Arm> arm = card.progress().map(p -> p.arms().get(id));
            arms.get(k).pseudoClassStateChanged(DONE, arm.filter(Progress.Arm::done).isPresent());
            arms.get(k).pseudoClassStateChanged(TROUBLE, arm.filter(Progress.Arm::trouble).isPresent());
            arms.get(k).pseudoClassStateChanged(HERE, card.next().filter(n -> n.stage() == id).isPresent());
            arms.get(k).setVisible(job.isPresent());
        }
        boolean trouble = job.isEmpty() || card.next().filter(Next::trouble).isPresent();
        next.pseudoClassStateChanged(TROUBLE, trouble);
        next.setText(job.isEmpty() ? bench.trouble() : card.next().map(Next::words).orElse(""));
    }

    /** Whether words are missing; a label that takes several lines says itself cut even when it no longer is. */
    private static boolean isCut(Label label) {
        return label.lookup(".text") instanceof Text shown && !shown.getText().equals(label.getText());
    }

    /** What the card says, for who hears it. */
    String spoken() {
        return String.join(", ", title.getText(), about.getText(), next.getText());
    }

    private void faces(Optional<Job> job) {
        List<End> ends = job.map(Job::ends).orElse(List.of());
        show(near, loose.get(0), job, ends.stream().findFirst());
        show(far, loose.get(1), job, ends.stream().skip(1).findFirst());
        more.setText(ends.size() > 2 ? t("bench.more-ends", ends.size() - 2) : "");
    }

    private static void show(DrawingPicture face, Label wires, Optional<Job> job, Optional<End> end) {
        Optional<ConnectorType> type = end.flatMap(e -> Catalogue.of(job.orElseThrow()).of(e));
        wires.setText(type.isPresent() || end.isEmpty() ? "" : t("bench.loose", end.get().pinout().size()));
        face.draw(type.map(DrawingPicture::faceOf));
    }

    private static String about(BenchJob bench, boolean away) {
        List<String> parts = new ArrayList<>();
        bench.job().flatMap(j -> j.cable().lengthMm().stream().boxed().findFirst())
                .ifPresent(mm -> parts.add(t("bar.length", Words.number(mm / 1000))));
        parts.add(when(bench.touched()));
        if (away) {
            parts.add(t("bench.is-away"));
        }
        return String.join(" · ", parts);
    }

    private static String when(Instant touched) {
        ZonedDateTime here = touched.atZone(ZoneId.systemDefault());
        LocalDate today = LocalDate.now();
        if (here.toLocalDate().equals(today)) {
            return t("bench.today", CLOCK.format(here));
        }
        return here.toLocalDate().equals(today.minusDays(1)) ? t("bench.yesterday") : DAY.format(here);
    }
}
