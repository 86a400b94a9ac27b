package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ChoiceBox;
import wegweiser.core.model.Job;

/** For cables with more than two ends: which two of them face each other, or whichever are touched. */
public final class FacingChoice extends ChoiceBox<Optional<Facing>> {
    private final ObjectProperty<Optional<Facing>> chosen;

    public FacingChoice(ObjectProperty<Optional<Facing>> chosen) {
        this.chosen = chosen;
        getStyleClass().add("facing");
        setMinWidth(USE_PREF_SIZE);
        setVisible(false);
        managedProperty().bind(visibleProperty());
        setConverter(new Worded<>(f -> f.map(p -> t("facing.pair", p.rows(), p.columns()))
                .orElseGet(() -> t("facing.touched"))));
        getItems().add(Optional.empty());
        setValue(Optional.empty());
        valueProperty().addListener((_, _, now) -> {
            if (now != null) {
                chosen.set(now);
            }
        });
        chosen.addListener((_, _, now) -> show(now));
    }

    /** Offers the pairs of a job's ends. */
    public void show(Job job) {
        List<Optional<Facing>> all = new ArrayList<>(List.of(Optional.empty()));
        Facing.all(job).forEach(f -> all.add(Optional.of(f)));
        if (!all.equals(getItems())) {
            Optional<Facing> had = chosen.get();
            getItems().setAll(all);
            setValue(all.contains(had) ? had : Optional.empty());
        }
        setVisible(job.ends().size() > 2);
    }

    private void show(Optional<Facing> now) {
        if (getItems().contains(now)) {
            setValue(now);
        }
    }
}
