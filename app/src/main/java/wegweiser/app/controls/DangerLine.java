package wegweiser.app.controls;

import java.util.Optional;
import javafx.scene.control.Label;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.route.NoWay;
import wegweiser.core.rules.LethalDevice;
import wegweiser.core.rules.Mains;

/** What stands over everything that is done at a device that can kill; takes no room where there is none. */
public final class DangerLine extends Label {
    public DangerLine() {
        getStyleClass().add("caution");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        setId("danger");
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    /** Says why a job about mains is refused, or what to do before a device that can kill is touched. */
    public void show(Job job) {
        say(refused(job).or(() -> LethalDevice.warning(job)));
    }

    /** Says only why a job about mains is refused, where a step of its own says the other. */
    public void showRefused(Job job) {
        say(refused(job));
    }

    private static Optional<String> refused(Job job) {
        Derived derived = Derived.of(job);
        return Mains.isIn(derived) ? Optional.of(String.join(" ", NoWay.because(derived))) : Optional.empty();
    }

    private void say(Optional<String> danger) {
        setText(danger.orElse(""));
        setVisible(danger.isPresent());
    }
}
