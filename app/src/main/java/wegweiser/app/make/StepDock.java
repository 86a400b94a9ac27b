package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.WireSwatch;
import wegweiser.app.stage.Waits;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.Step;
import wegweiser.core.model.Waiting;

/** The current step, large enough for two metres, with Done on Space; while time works, how long it still does. */
final class StepDock extends HBox {
    private static final int LONG = 34;
    private static final int LONGEST = 90;

    private final Label heading = new Label();
    private final Label text = new Label();
    private final Label detail = new Label();
    private final Label setting = new Label();
    private final StackPane wire = new StackPane();
    private final Button done;
    private final Button back = new Button(t("make.back"));
    private final Button skip;
    private Optional<Waiting> waiting = Optional.empty();

    StepDock(Runnable onDone, Runnable onBack, Runnable onSkip) {
        getStyleClass().addAll("dock", "step-dock");
        heading.getStyleClass().add("dock-heading");
        text.getStyleClass().add("dock-step");
        text.setWrapText(true);
        // what is to be done is read whole, however many lines it takes
        text.setMinHeight(Region.USE_PREF_SIZE);
        detail.setMinHeight(Region.USE_PREF_SIZE);
        detail.getStyleClass().add("dock-why");
        detail.setWrapText(true);
        setting.getStyleClass().add("quiet");
        setting.setWrapText(true);
        setting.setId("step-setting");
        done = button(t("make.done"), KeyCode.SPACE, onDone);
        done.getStyleClass().add("primary");
        done.setId("step-done");
        skip = button(t("make.skip"), KeyCode.S, onSkip);
        skip.setId("step-skip");
        back.getStyleClass().add("answer");
        back.setFocusTraversable(false);
        back.setOnAction(_ -> onBack.run());
        back.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(18, text, wire);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(8, heading, line, detail);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox buttons = new HBox(10, done, back, skip);
        buttons.setAlignment(Pos.CENTER);
        VBox right = new VBox(8, buttons, setting);
        right.setAlignment(Pos.CENTER_LEFT);
        right.setMinWidth(Region.USE_PREF_SIZE);
        setting.maxWidthProperty().bind(buttons.widthProperty());
        getChildren().addAll(words, right);
    }

    private static Button button(String words, KeyCode key, Runnable action) {
        Label cap = new Label(Keys.shown(key));
        cap.getStyleClass().add("key-cap");
        Button button = new Button(words, cap);
        button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
        button.getStyleClass().add("answer");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** Shows nothing. */
    void clear() {
        waiting = Optional.empty();
        heading.setText("");
        words("");
        detail.setText("");
        setting.setText("");
        wire.getChildren().clear();
        done.setDisable(true);
        back.setDisable(true);
        skip.setDisable(true);
    }

    void show(BenchProgress progress, Step step, String closing) {
        BenchProgress.State state = progress.state(step);
        waiting = progress.job().waitingFor(step.key()).filter(_ -> state == BenchProgress.State.RUNNING);
        heading.setText(t("make.step-of", step.n(), progress.steps().size()));
        words(closing.isEmpty() ? step.spoken() : closing);
        detail.setText(!closing.isEmpty()
                ? ""
                : state == BenchProgress.State.BLOCKED
                        ? t("make.blocked", blocks(progress, step))
                        : step.detail());
        setting.setText(
                closing.isEmpty() && !step.setting().isEmpty() ? t("make.setting", step.setting()) : "");
        wire.getChildren().clear();
        step.conductor().ifPresent(c -> wire.getChildren().add(new WireSwatch(c, 64, 20)));
        done.setDisable(state != BenchProgress.State.OPEN);
        back.setDisable(false);
        skip.setDisable(state == BenchProgress.State.DONE || state == BenchProgress.State.SKIPPED);
        tick(progress.now());
        setAccessibleText(String.join(" ", heading.getText(), text.getText(), detail.getText(),
                setting.getText()));
    }

    /** Counts down. */
    void tick(Instant now) {
        waiting.ifPresent(w -> words(w.isOver(now)
                ? t("make.wait-over")
                : t("make.wait-left", Waits.length(w.secondsLeft(now)), Waits.clock(w.until()))));
    }

    private void words(String said) {
        text.setText(said);
        text.getStyleClass().removeAll("long", "longest");
        if (said.length() > LONG) {
            text.getStyleClass().add(said.length() > LONGEST ? "longest" : "long");
        }
    }

    private static String blocks(BenchProgress progress, Step step) {
        return progress.running().stream()
                .filter(w -> wegweiser.core.make.BenchSteps.dependents(progress.steps(), w.step())
                        .contains(step))
                .findFirst().map(w -> Waits.clock(w.until())).orElse("");
    }
}
