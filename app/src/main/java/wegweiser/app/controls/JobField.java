package wegweiser.app.controls;

import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;

/**
 * A field that shows a value of the job. While something else is being typed in it, it keeps what was typed; otherwise it
 * follows the job, with the focus or without, so that what was taken back does not return from a field.
 */
public final class JobField {
    private static final String SHOWN = "wegweiser.shown";

    private JobField() {}

    /** Shows the job's value unless something else is being typed. */
    public static void show(TextField field, String value) {
        if (!field.isFocused() || field.getText().equals(field.getProperties().get(SHOWN))) {
            field.setText(value);
        }
        if (field.getText().equals(value)) {
            field.getProperties().put(SHOWN, value);
        }
    }

    /** Whether a field has something of its own to take back, or to do again: typing that is no part of the job yet. */
    public static boolean hasOwn(TextInputControl field, boolean again) {
        return (again ? field.isRedoable() : field.isUndoable())
                && !field.getText().equals(field.getProperties().get(SHOWN));
    }
}
