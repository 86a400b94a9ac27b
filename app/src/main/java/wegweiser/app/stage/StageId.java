package wegweiser.app.stage;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import wegweiser.app.actions.Keys;
import wegweiser.core.model.HasId;

/** The stages of a job in order; before them the bench on which jobs lie, beside them the log. */
public enum StageId implements HasId {
    BENCH(KeyCode.DIGIT0, KeyCode.NUMPAD0),
    ENDS(KeyCode.DIGIT1, KeyCode.NUMPAD1),
    TRACE(KeyCode.DIGIT2, KeyCode.NUMPAD2),
    ROUTE(KeyCode.DIGIT3, KeyCode.NUMPAD3),
    MAKE(KeyCode.DIGIT4, KeyCode.NUMPAD4),
    PROVE(KeyCode.DIGIT5, KeyCode.NUMPAD5),
    LOG(KeyCode.L);

    /** The stages of a job in the order of the work. */
    public static final List<StageId> OF_A_JOB = List.of(ENDS, TRACE, ROUTE, MAKE, PROVE);

    private final List<KeyCombination> keys;

    StageId(KeyCode... codes) {
        this.keys = Keys.shortcut(codes);
    }

    /** Whether it shows the open job, and so needs one. */
    public boolean needsJob() {
        return OF_A_JOB.contains(this);
    }

    /** Key of the stage's name. */
    public String key() {
        return "stage." + id();
    }

    /** What goes there from anywhere. */
    public List<KeyCombination> keys() {
        return keys;
    }

    /** The same as it is written in a sentence. */
    public String shown() {
        return Keys.shown(keys.getFirst());
    }
}
