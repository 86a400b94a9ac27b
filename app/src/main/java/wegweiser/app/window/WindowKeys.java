package wegweiser.app.window;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wegweiser.app.actions.Action;
import wegweiser.app.controls.JobField;
import wegweiser.app.controls.Overlay;

/** Which action a key is for: one of the whole window, one of the stage that is up, or none while something lies over it. */
final class WindowKeys {
    private final MainWindow window;
    private final Overlay overlay;
    private final List<Action> everywhere;
    /** Keys that are down; one that is held repeats itself, and is no second answer. */
    private final Set<KeyCode> down = EnumSet.noneOf(KeyCode.class);
    private boolean isHeld;

    WindowKeys(MainWindow window, Overlay overlay, List<Action> everywhere) {
        this.window = window;
        this.overlay = overlay;
        this.everywhere = everywhere;
    }

    /** Listens to the keys of the window that has a root. */
    void hear(Node root) {
        // at the scene: while a part of the screen makes room for another nothing has the focus, and the root hears no key
        root.sceneProperty().addListener((_, _, scene) -> {
            if (scene != null) {
                scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> isHeld = !down.add(e.getCode()));
                scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> down.remove(e.getCode()));
                scene.addEventFilter(KeyEvent.KEY_PRESSED, this::accelerator);
                scene.addEventHandler(KeyEvent.KEY_PRESSED, this::plainKey);
            }
        });
    }

    /** Keys let go elsewhere are up. */
    void forget() {
        down.clear();
    }

    private void accelerator(KeyEvent e) {
        if (overlay.isUp() || !e.isShortcutDown() && !e.getCode().isFunctionKey()) {
            return;
        }
        // a field takes back what was typed in it; where it has nothing, the last change of the job is taken back
        if (e.getCode() == KeyCode.Z && e.getTarget() instanceof TextInputControl field
                && JobField.hasOwn(field, e.isShiftDown())) {
            return;
        }
        if (everywhere.stream().anyMatch(a -> a.answers(e))
                || e.isShortcutDown() && window.actions(window.here()).stream().anyMatch(a -> a.answers(e))) {
            e.consume();
        }
    }

    private void plainKey(KeyEvent e) {
        if (overlay.isUp() && e.getCode() == KeyCode.ESCAPE) {
            // wherever the focus is
            overlay.down();
            e.consume();
            return;
        }
        if (overlay.isUp() || e.isShortcutDown() || e.isAltDown()
                || e.getTarget() instanceof TextInputControl) {
            return;
        }
        if (isHeld && !e.getCode().isArrowKey()) {
            e.consume();
            return;
        }
        if ("?".equals(e.getText())) {
            window.help();
            e.consume();
        } else if (window.actions(window.here()).stream().anyMatch(a -> a.answers(e))) {
            e.consume();
        }
    }
}
