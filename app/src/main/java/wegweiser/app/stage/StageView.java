package wegweiser.app.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wegweiser.core.model.Job;

/** One stage of the work on screen. */
public interface StageView {
    /** The main area. */
    Node view();

    /** What goes below it, if anything. */
    Optional<Node> dock();

    /** Shows a job; called whenever it changes while this stage is up. */
    void show(Job job);

    /** Answers a key that no control has taken; true when it was used. */
    boolean key(KeyEvent event);

    /** Keys of this stage: pairs of key and what it does. */
    List<String[]> keys();
}
