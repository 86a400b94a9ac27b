package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.beans.property.IntegerProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

/**
 * The wiggle test: the probes stay where they are while the cable is bent. That it held can be said only after a time
 * of at least so many seconds; that it changed, at once.
 */
final class Wiggle extends VBox {
    private final Button held = answer("wiggle.held", KeyCode.B);
    private final Button silent = answer("wiggle.silent", KeyCode.N);
    private final Button changed = answer("wiggle.changed", KeyCode.C);
    private final ProgressBar bar = new ProgressBar(0);
    private final Label clock = new Label();
    private final IntegerProperty seconds;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            tick(now);
        }
    };
    private long begun;
    private long last;
    private Touch touch;
    private Consumer<List<Reading>> onDone = _ -> {};
    private Runnable onLeave = () -> {};

    /** @param seconds how long it takes at least, kept by whoever keeps choices */
    Wiggle(IntegerProperty seconds) {
        super(8);
        this.seconds = seconds;
        setId("wiggle");
        bar.setPrefWidth(260);
        bar.getStyleClass().add("wiggle-bar");
        clock.getStyleClass().add("mono");
        ChoiceBox<Integer> least = new ChoiceBox<>();
        least.getItems().setAll(5, 10, 20, 30);
        if (!least.getItems().contains(seconds.get())) {
            least.getItems().addFirst(seconds.get());
        }
        least.setValue(seconds.get());
        least.setId("wiggle-least");
        least.setFocusTraversable(false);
        least.valueProperty().addListener((_, _, s) -> seconds.set(s));
        HBox time = new HBox(10, bar, clock, new Label(t("wiggle.least")), least);
        time.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        held.getStyleClass().add("primary");
        held.setOnAction(_ -> done(Outcome.BEEP));
        silent.setOnAction(_ -> done(Outcome.SILENT));
        changed.setOnAction(_ -> done(Outcome.BEEP, Outcome.SILENT));
        getChildren().addAll(time, new HBox(10, held, silent, changed));
    }

    private static Button answer(String key, KeyCode cap) {
        return ProbeDock.answer(key, cap);
    }

    /** Begins with the probes at a touch. */
    void begin(Touch at, Consumer<List<Reading>> readings, Runnable leave) {
        touch = at;
        onDone = readings;
        onLeave = leave;
        begun = 0;
        show(0);
        timer.start();
    }

    void end() {
        timer.stop();
        touch = null;
    }

    boolean isOn() {
        return touch != null;
    }

    private void tick(long now) {
        if (begun == 0) {
            begun = now;
        }
        last = now;
        show((now - begun) / 1e9);
    }

    private void show(double passed) {
        boolean enough = passed >= seconds.get();
        bar.setProgress(Math.min(1, passed / seconds.get()));
        clock.setText(t("wiggle.clock", (int) passed));
        held.setDisable(!enough);
        silent.setDisable(!enough);
    }

    private void done(Outcome... outcomes) {
        int passed = begun == 0 ? 0 : (int) ((last - begun) / 1_000_000_000L);
        List<Reading> readings = java.util.Arrays.stream(outcomes)
                .map(o -> Reading.of(Mode.CONTINUITY, touch, o)
                        .by(new Provenance.Wiggled(passed)))
                .toList();
        Consumer<List<Reading>> to = onDone;
        end();
        to.accept(readings);
    }

    /** What can be done while the cable is bent. */
    List<Action> actions() {
        return List.of(Action.of("wiggle.held", Keys.plain(KeyCode.B), held::fire).when(this::isOn),
                Action.of("wiggle.silent", Keys.plain(KeyCode.N), silent::fire).when(this::isOn),
                Action.of("wiggle.changed", Keys.plain(KeyCode.C), changed::fire).when(this::isOn),
                Action.of("wiggle.leave", Keys.plain(KeyCode.ESCAPE, KeyCode.W), () -> {
                    end();
                    onLeave.run();
                }).when(this::isOn));
    }
}
