package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import wegweiser.app.controls.Panels;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;

/** All ends of the cable one behind the other; the two that face each other are marked. */
final class EndStrip extends FlowPane {
    /** Of more ends those that are not on screen go by their letters alone. */
    private static final int FEW = 8;
    private static final double LEAST = 34;
    private static final double WIDEST = 210;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Consumer<String> face;
    private final Button add = new Button(t("ends.add"));

    EndStrip(Consumer<String> face, Runnable add) {
        super(6, 4);
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
            String whole = end.device().isBlank() ? end.name() : end.name() + "  " + end.device();
            boolean brief = job.ends().size() > FEW && !facing.contains(end.name());
            Button chip = new Button(brief ? end.name() : whole);
            chip.setAccessibleText(whole);
            if (brief) {
                chip.setTooltip(new Tooltip(whole));
            }
            chip.getStyleClass().add("chip");
            chip.setId("chip-" + end.name());
            chip.setMaxWidth(WIDEST);
            chip.setMinWidth(brief ? Region.USE_PREF_SIZE : LEAST);
            chip.pseudoClassStateChanged(CHOSEN, facing.contains(end.name()));
            chip.setOnAction(_ -> face.accept(end.name()));
            getChildren().add(chip);
        }
        add.setDisable(job.ends().size() >= EndsStage.MOST_ENDS);
        getChildren().add(add);
        if (job.ends().size() > 2 && job.ends().size() <= FEW) {
            getChildren().add(Panels.quiet(t("ends.facing")));
        } else if (job.ends().size() < 2) {
            getChildren().add(Panels.quiet(t("ends.empty")));
        }
    }
}
