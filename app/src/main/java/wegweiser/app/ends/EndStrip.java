package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wegweiser.app.controls.Panels;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;

/** All ends of the cable in a row; the two that face each other are marked. */
final class EndStrip extends HBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Consumer<String> face;
    private final Button add = new Button(t("ends.add"));

    EndStrip(Consumer<String> face, Runnable add) {
        super(6);
        this.face = face;
        this.add.setId("add-end");
        this.add.setOnAction(_ -> add.run());
        this.add.setMinWidth(Region.USE_PREF_SIZE);
        getStyleClass().add("end-strip");
        setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    }

    void show(Job job, List<String> facing) {
        getChildren().clear();
        for (End end : job.ends()) {
            Button chip = new Button(end.device().isBlank() ? end.name() : end.name() + "  " + end.device());
            chip.getStyleClass().add("chip");
            chip.setId("chip-" + end.name());
            chip.setMinWidth(34);
            chip.pseudoClassStateChanged(CHOSEN, facing.contains(end.name()));
            chip.setOnAction(_ -> face.accept(end.name()));
            getChildren().add(chip);
        }
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        add.setDisable(job.ends().size() >= EndsStage.MOST_ENDS);
        getChildren().add(add);
        getChildren().add(space);
        if (job.ends().size() > 2) {
            getChildren().add(Panels.quiet(t("ends.facing")));
        } else if (job.ends().size() < 2) {
            getChildren().add(Panels.quiet(t("ends.empty")));
        }
    }
}
