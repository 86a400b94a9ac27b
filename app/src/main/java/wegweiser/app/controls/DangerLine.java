package wegweiser.app.controls;

import javafx.scene.control.Label;
import wegweiser.core.model.Job;
import wegweiser.core.rules.LethalDevice;

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
        setText(LethalDevice.warning(job).orElse(""));
        setVisible(!getText().isEmpty());
    }
}
