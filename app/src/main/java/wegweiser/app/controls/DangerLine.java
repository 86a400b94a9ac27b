package wegweiser.app.controls;

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

    public void show(Job job) {
        Derived derived = Derived.of(job);
        setText(Mains.isIn(derived)
                ? String.join(" ", NoWay.because(derived))
                : LethalDevice.warning(job).orElse(""));
        setVisible(!getText().isEmpty());
    }
}
