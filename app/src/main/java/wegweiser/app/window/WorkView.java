package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Notices;

/** What takes longer than a moment to be worked out is said, with the way to stop it. */
final class WorkView extends HBox {
    private static final double MOMENT_SECONDS = 1.2;
    private static final double ABOVE_THE_DOCK = 172;

    private final Label words = new Label();
    private final Notices notices;
    private final Timeline clock = new Timeline(new KeyFrame(Duration.millis(250), _ -> look()));

    WorkView(Notices notices) {
        super(10);
        this.notices = notices;
        setId("work");
        getStyleClass().addAll("notice", "work");
        setAlignment(Pos.CENTER_LEFT);
        ProgressIndicator turning = new ProgressIndicator();
        turning.setPrefSize(18, 18);
        turning.setMinSize(18, 18);
        Button stop = new Button(t("work.stop"));
        stop.setId("work-stop");
        stop.setMinWidth(USE_PREF_SIZE);
        stop.setFocusTraversable(false);
        stop.setOnAction(_ -> stop());
        getChildren().addAll(turning, words, stop);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setVisible(false);
        StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
        StackPane.setMargin(this, new Insets(0, 18, ABOVE_THE_DOCK, 18));
        clock.setCycleCount(Animation.INDEFINITE);
        clock.play();
    }

    private void look() {
        double seconds = Background.longest().toMillis() / 1000.0;
        setVisible(seconds > MOMENT_SECONDS);
        if (isVisible()) {
            words.setText(t("work.words", (int) seconds));
        }
    }

    /** Gives up what is being worked out; there is nothing to stop where nothing takes long. */
    void stop() {
        if (isVisible()) {
            Background.stopAll();
            setVisible(false);
            notices.say(t("work.stopped"));
        }
    }

    /** The window is gone. */
    void end() {
        clock.stop();
    }
}
