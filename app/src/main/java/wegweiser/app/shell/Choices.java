package wegweiser.app.shell;

import java.io.IOException;
import java.util.Map;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wegweiser.core.trace.Fixture;
import wegweiser.core.trace.Goal;
import wegweiser.files.workshop.Workshop;

/** What the person has chosen and the next start should remember. */
public final class Choices {
    private final Workshop workshop;
    private final ObjectProperty<Fixture> fixture = new SimpleObjectProperty<>(Fixture.PROBES);
    private final ObjectProperty<Goal> goal = new SimpleObjectProperty<>(Goal.PROVE);
    private final BooleanProperty night = new SimpleBooleanProperty(false);
    private final BooleanProperty rightHanded = new SimpleBooleanProperty(true);
    private final BooleanProperty simulated = new SimpleBooleanProperty(true);

    public Choices(Workshop workshop) {
        this.workshop = workshop;
        workshop.setting("fixture").filter("COMB"::equals).ifPresent(_ -> fixture.set(Fixture.COMB));
        night.set(workshop.setting("night").map("true"::equals).orElse(false));
        rightHanded.set(!workshop.setting("hand").map("left"::equals).orElse(false));
        fixture.addListener((_, _, f) -> remember("fixture", f.name()));
        night.addListener((_, _, n) -> remember("night", n.toString()));
        rightHanded.addListener((_, _, r) -> remember("hand", r ? "right" : "left"));
    }

    private void remember(String name, String value) {
        try {
            workshop.remember(Map.of(name, value));
        } catch (IOException _) {
            // a choice that could not be kept is made again next time; the work itself is not touched
            return;
        }
    }

    public ObjectProperty<Fixture> fixtureProperty() {
        return fixture;
    }

    public ObjectProperty<Goal> goalProperty() {
        return goal;
    }

    public BooleanProperty nightProperty() {
        return night;
    }

    public BooleanProperty rightHandedProperty() {
        return rightHanded;
    }

    /** Whether Enter takes the simulated meter's reading, where the job brings one. */
    public BooleanProperty simulatedProperty() {
        return simulated;
    }
}
