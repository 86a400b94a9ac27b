package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.ProbeDock;
import wegweiser.app.controls.WireSwatch;
import wegweiser.app.controls.Worded;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.testers.ReactionPuzzle;
import wegweiser.core.words.Words;

/** The dock for loose leads: which two to twist together, and whether the device reacts. */
final class ReactionDock extends HBox {
    private final ChoiceBox<String> which = new ChoiceBox<>();
    private final Label twist = new Label();
    private final HBox swatches = new HBox(8);
    private final Button reacts = ProbeDock.answer("reaction.reacts", KeyCode.R);
    private final Button nothing = ProbeDock.answer("reaction.nothing", KeyCode.N);
    private final HBox answers = new HBox(10, reacts, nothing);
    private final Label question = new Label(t("reaction.question"));
    private final Label words = new Label();
    private final Label trouble = new Label();
    private final Consumer<List<Reading>> onReading;
    private final Runnable onBack;
    private final Runnable onLeave;
    private Job job;
    private Evidence evidence;
    private Touch touch;

    ReactionDock(Consumer<List<Reading>> onReading, Runnable onBack, Runnable onLeave) {
        this.onReading = onReading;
        this.onBack = onBack;
        this.onLeave = onLeave;
        getStyleClass().add("dock");
        setId("reaction-dock");
        Label heading = new Label(t("reaction.heading"));
        heading.getStyleClass().add("dock-heading");
        question.getStyleClass().add("dock-heading");
        which.setId("reaction-end");
        which.setFocusTraversable(false);
        which.setPrefWidth(190);
        which.setMinWidth(USE_PREF_SIZE);
        heading.setMinWidth(USE_PREF_SIZE);
        which.setConverter(
                new Worded<>(name -> name + job.end(name).map(e -> " · " + e.device()).orElse("")));
        which.valueProperty().addListener((_, _, _) -> show());
        Button leave = new Button(t("reaction.leave"));
        leave.setFocusTraversable(false);
        leave.setMinWidth(Region.USE_PREF_SIZE);
        leave.setOnAction(_ -> onLeave.run());
        twist.setId("reaction-twist");
        twist.getStyleClass().add("dock-step");
        twist.setMinWidth(Region.USE_PREF_SIZE);
        HBox top = new HBox(10, heading, which);
        top.setAlignment(Pos.CENTER_LEFT);
        VBox left = new VBox(8, top, twist, swatches);
        words.getStyleClass().add("dock-why");
        words.setWrapText(true);
        words.setId("reaction-words");
        trouble.getStyleClass().add("dock-error");
        trouble.setWrapText(true);
        trouble.managedProperty().bind(trouble.textProperty().isNotEmpty());
        question.managedProperty().bind(question.visibleProperty());
        answers.managedProperty().bind(answers.visibleProperty());
        twist.managedProperty().bind(twist.visibleProperty());
        reacts.setOnAction(_ -> answer(Outcome.REACTS));
        nothing.setOnAction(_ -> answer(Outcome.NOTHING));
        Label caution = new Label(t("reaction.caution"));
        caution.getStyleClass().add("caution");
        caution.setWrapText(true);
        caution.setMinHeight(USE_PREF_SIZE);
        caution.setMaxWidth(390);
        left.getChildren().add(caution);
        VBox middle = new VBox(10, question, answers, words, trouble);
        HBox.setHgrow(middle, Priority.ALWAYS);
        getChildren().addAll(left, middle, leave);
    }

    /** Shows where the puzzle stands; ends without a connector are offered first. */
    void show(Job newJob, Evidence newEvidence) {
        job = newJob;
        evidence = newEvidence;
        List<String> ends = job.ends().stream()
                .sorted(Comparator.comparing(e -> Catalogue.of(job).of(e).isPresent()))
                .map(End::name).toList();
        if (!which.getItems().equals(ends)) {
            which.getItems().setAll(ends);
            which.setValue(ends.isEmpty() ? null : ends.getFirst());
        }
        show();
    }

    private void show() {
        if (job == null || which.getValue() == null || job.end(which.getValue()).isEmpty()) {
            return;
        }
        ReactionPuzzle puzzle = ReactionPuzzle.of(evidence, which.getValue());
        touch = puzzle.next().orElse(null);
        boolean asking = touch != null;
        question.setVisible(asking);
        answers.setVisible(asking);
        words.getStyleClass().remove("dock-done");
        if (!asking) {
            words.getStyleClass().add("dock-done");
        }
        swatches.getChildren().clear();
        twist.setVisible(asking);
        if (asking) {
            Terminal a = touch.red().getFirst();
            Terminal b = touch.black().getFirst();
            twist.setText(t("reaction.pair", a.contact(), b.contact()));
            twist.getStyleClass().remove("long");
            if (twist.getText().length() > 14) {
                twist.getStyleClass().add("long");
            }
            WireSwatch.of(a.contact()).ifPresent(one -> WireSwatch.of(b.contact())
                    .ifPresent(other -> swatches.getChildren().addAll(one, other)));
        }
        words.setText(puzzle.words() + " " + t("reaction.taken"));
        trouble.setText(puzzle.contradictions().stream().findFirst().map(Contradiction::readings)
                .map(r -> t("reaction.trouble", Words.list(r))).orElse(""));
    }

    private void answer(Outcome outcome) {
        if (touch != null) {
            onReading.accept(List.of(Reading.of(Mode.REACTION, touch, outcome)));
        }
    }

    /** The two leads to twist together now, if any. */
    Optional<Touch> touch() {
        return Optional.ofNullable(touch);
    }

    /** What can be done while leads are twisted together. */
    List<Action> actions() {
        return Stream.of(Action.of("reacts", Keys.plain(KeyCode.R), reacts::fire),
                Action.of("nothing", Keys.plain(KeyCode.N), nothing::fire),
                Action.of("back", Keys.plain(KeyCode.BACK_SPACE), onBack),
                Action.of("reaction.leave", Keys.plain(KeyCode.ESCAPE), onLeave))
                .map(a -> a.when(this::isVisible)).toList();
    }
}
