package wegweiser.app.window;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wegweiser.app.actions.Keys;

/** Learns the key that a pedal sends: press the button, then the pedal. Escape takes it away. */
final class PedalKey extends Button {
    private final ObjectProperty<Optional<KeyCode>> pedal;
    private boolean learning;

    PedalKey(ObjectProperty<Optional<KeyCode>> pedal) {
        this.pedal = pedal;
        setId("settings-pedal");
        say();
        setOnAction(_ -> {
            learning = true;
            say();
        });
        addEventFilter(KeyEvent.ANY, this::learn);
        focusedProperty().addListener((_, _, on) -> {
            learning &= on;
            say();
        });
    }

    private void learn(KeyEvent e) {
        if (!learning) {
            return;
        }
        e.consume();
        if (e.getEventType() == KeyEvent.KEY_RELEASED && e.getCode() != KeyCode.UNDEFINED) {
            learning = false;
            pedal.set(e.getCode() == KeyCode.ESCAPE ? Optional.empty() : Optional.of(e.getCode()));
            say();
        }
    }

    private void say() {
        setText(learning
                ? t("settings.pedal.press")
                : pedal.get().map(Keys::shown).orElseGet(() -> t("settings.pedal.none")));
    }
}
