package wegweiser.app.controls;

import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;

/** Up and Down in a field move in the list below it, and Enter takes what is marked there; as long as the list is shown. */
public final class ListKeys {
    /** So many lines stay in sight above the one that is marked. */
    private static final int ABOVE = 3;

    private ListKeys() {}

    public static void join(TextField field, ListView<?> list, Runnable take) {
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (!list.isVisible()) {
                return;
            }
            switch (e.getCode()) {
                case DOWN -> mark(list, 1);
                case UP -> mark(list, -1);
                case ENTER -> take.run();
                default -> {
                    return;
                }
            }
            e.consume();
        });
    }

    private static void mark(ListView<?> list, int by) {
        int to = Math.clamp(list.getSelectionModel().getSelectedIndex() + by, 0,
                Math.max(0, list.getItems().size() - 1));
        list.getSelectionModel().select(to);
        list.scrollTo(Math.max(0, to - ABOVE));
    }
}
