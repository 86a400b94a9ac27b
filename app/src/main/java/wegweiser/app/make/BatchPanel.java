package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.HandWords;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.ShelfWords;
import wegweiser.app.stage.Waits;
import wegweiser.core.batch.CutPlan;
import wegweiser.core.batch.Schedule;
import wegweiser.core.make.Article;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.HandTimes;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.shelf.Need;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
import wegweiser.files.workshop.ShelfFile;

/** Several of this cable: from which pieces they are cut, and when each is ready with one pair of hands. */
final class BatchPanel extends VBox {
    private static final int MOST_UNITS = 200;
    private static final int MOST_VISES = 20;
    private static final int MINUTE = 60;
    private static final int READY_SHOWN = 12;

    private final Session session;
    private final Choices choices;
    private final Background background = new Background();
    private final Spinner<Integer> units = new Spinner<>(1, MOST_UNITS, 5);
    private final Spinner<Integer> vises = new Spinner<>(1, MOST_VISES, 2);
    private final Label summary = new Label();
    private final Label ready = new Label();
    private final Timetable timetable = new Timetable();
    private final VBox cuts = new VBox(3);

    private record Answer(int units, Schedule schedule, Instant from, List<ShelfLine> pieces,
            Optional<CutPlan> cut) {}

    BatchPanel(Session session, Choices choices, Runnable close) {
        super(10);
        setId("batch");
        this.session = session;
        this.choices = choices;
        units.setId("batch-units");
        vises.setId("batch-vises");
        for (Spinner<Integer> spinner : List.of(units, vises)) {
            spinner.setEditable(true);
            spinner.setPrefWidth(90);
            spinner.valueProperty().addListener(_ -> answer());
        }
        Label unitWords = new Label(t("batch.units"));
        unitWords.setLabelFor(units);
        Label viseWords = new Label(t("batch.vises"));
        viseWords.setLabelFor(vises);
        HBox line = new HBox(10, unitWords, units, viseWords, vises);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        Button back = new Button(t("batch.close"));
        back.setOnAction(_ -> close.run());
        ScrollPane scroll = Panels.scroll(timetable);
        scroll.prefViewportHeightProperty().bind(Bindings.min(timetable.prefHeightProperty(), 200));
        ready.setWrapText(true);
        Label times = Panels.quiet(HandWords.of(choices.handTimesProperty().get()));
        times.setId("batch-times");
        summary.setId("batch-summary");
        getChildren().addAll(Panels.heading(t("batch.title")), Panels.quiet(t("batch.hint")), times, line,
                Panels.whole(summary), scroll, Panels.whole(ready), cuts, back);
        setPrefWidth(820);
        answer();
    }

    void begin() {
        units.requestFocus();
    }

    private void answer() {
        Job job = session.job();
        ShelfFile shelf = session.shelf();
        int n = units.getValue();
        int v = vises.getValue();
        boolean right = choices.rightHandedProperty().get();
        HandTimes times = choices.handTimesProperty().get();
        background.run(() -> {
            List<Step> steps = BenchSteps.of(job, right);
            List<ShelfLine> pieces = pieces(job, shelf);
            Optional<CutPlan> cut = Need.cable(job).filter(_ -> !pieces.isEmpty())
                    .map(need -> CutPlan.of(pieces.stream().map(p -> 1000 * p.amount()).toList(),
                            List.of(new CutPlan.Wanted(1000 * need.amount(), n))));
            return new Answer(n, Schedule.of(steps, n, v, times), Instant.now(), pieces, cut);
        }, this::show);
    }

    /** The pieces of the job's cable that lie on the shelf. */
    private static List<ShelfLine> pieces(Job job, ShelfFile shelf) {
        try {
            Optional<Article> cable = Need.cable(job).map(Need::article);
            return shelf.read().lines().stream().filter(l -> cable.filter(l.article()::equals).isPresent())
                    .filter(l -> l.amount() > 0).toList();
        } catch (BadFile | IOException _) {
            // the bench says what is wrong with it
            return List.of();
        }
    }

    private void show(Answer answer) {
        Schedule plan = answer.schedule();
        Instant end = answer.from().plusSeconds(plan.seconds());
        String all = t("batch.summary", answer.units(), Waits.clock(end), Waits.length(plan.seconds()),
                Waits.length(plan.boundSeconds()));
        summary.setText(plan.idleSeconds() < MINUTE
                ? all
                : all + " " + t("batch.idle", Waits.length(plan.idleSeconds())));
        List<String> times = new ArrayList<>();
        for (int k = 0; k < Math.min(READY_SHOWN, plan.readySeconds().size()); k++) {
            times.add(t("batch.ready", k + 1,
                    Waits.clock(answer.from().plusSeconds(plan.readySeconds().get(k)))));
        }
        if (plan.readySeconds().size() > READY_SHOWN) {
            times.add(t("batch.more", plan.readySeconds().size() - READY_SHOWN));
        }
        ready.setText(String.join(" · ", times));
        timetable.show(plan);
        cuts.getChildren().clear();
        answer.cut().ifPresent(c -> cuts(c, answer.pieces()));
    }

    private void cuts(CutPlan plan, List<ShelfLine> pieces) {
        Label heading = new Label(t("batch.cut"));
        heading.getStyleClass().add("group");
        cuts.getChildren().add(heading);
        for (CutPlan.Cut cut : plan.cuts()) {
            ShelfLine piece = pieces.get(cut.piece());
            cuts.getChildren()
                    .add(Panels.whole(new Label(t(cut.isLeftOfUse() ? "batch.piece" : "batch.piece-waste",
                            cut.counts().getFirst(), ShelfWords.amount(piece.article(), piece.amount()),
                            ShelfWords.amount(piece.article(), cut.leftMm() / 1000)))));
        }
        if (!plan.isWhole()) {
            Label missing = new Label(t("batch.missing", plan.missing().getFirst(),
                    Words.fixed(plan.missedMm() / 1000, 2)));
            missing.getStyleClass().add("shelf-missing");
            cuts.getChildren().add(Panels.whole(missing));
        }
        cuts.getChildren().add(Panels.quiet(t(plan.isBest() ? "batch.best" : "batch.gap",
                Words.fixed(plan.wasteMm() / 1000, 2),
                Words.fixed((plan.wasteMm() - plan.boundMm()) / 1000, 2))));
    }
}
