package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

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
import wegweiser.core.make.Step;

/** The current step, large, with Done on Space. */
final class StepDock extends HBox {
    private final Label heading = new Label();
    private final Label text = new Label();
    private final Label detail = new Label();
    private final StackPane wire = new StackPane();
    private final Button done;
    private final Button back = new Button(t("make.back"));

    StepDock(Runnable onDone, Runnable onBack) {
        getStyleClass().add("dock");
        heading.getStyleClass().add("dock-heading");
        text.getStyleClass().add("dock-step");
        text.setWrapText(true);
        detail.getStyleClass().add("dock-why");
        detail.setWrapText(true);
        Label cap = new Label(Keys.shown(KeyCode.SPACE));
        cap.getStyleClass().add("key-cap");
        done = new Button(t("make.done"), cap);
        done.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
        done.getStyleClass().addAll("answer", "primary");
        done.setFocusTraversable(false);
        done.setId("step-done");
        done.setOnAction(_ -> onDone.run());
        back.getStyleClass().add("answer");
        back.setFocusTraversable(false);
        back.setOnAction(_ -> onBack.run());
        done.setMinWidth(Region.USE_PREF_SIZE);
        back.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(18, text, wire);
        line.setAlignment(Pos.CENTER_LEFT);
        VBox words = new VBox(8, heading, line, detail);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox buttons = new HBox(10, done, back);
        buttons.setAlignment(Pos.CENTER);
        getChildren().addAll(words, buttons);
    }

    void show(Optional<Step> step, int of, boolean ticked, String closing) {
        heading.setText(step.map(s -> t("make.step-of", s.n(), of)).orElse(""));
        text.setText(closing.isEmpty() ? step.map(Step::spoken).orElse("") : closing);
        text.getStyleClass().removeAll("long");
        if (text.getText().length() > 34) {
            text.getStyleClass().add("long");
        }
        detail.setText(closing.isEmpty() ? step.map(Step::detail).orElse("") : "");
        setAccessibleText(String.join(" ", heading.getText(), text.getText(), detail.getText()));
        wire.getChildren().clear();
        step.flatMap(Step::conductor).ifPresent(c -> wire.getChildren().add(new WireSwatch(c, 64, 20)));
        done.setDisable(step.isEmpty() || ticked);
        back.setDisable(step.isEmpty());
    }
}
