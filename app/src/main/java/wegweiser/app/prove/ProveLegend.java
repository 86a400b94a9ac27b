package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import wegweiser.app.controls.Panels;

/** What the marks of the pegboard mean in Prove. */
final class ProveLegend {
    private ProveLegend() {}

    static Node create() {
        FlowPane legend = new FlowPane(16, 2, Panels.quiet("■  " + t("legend.planned")),
                Panels.quiet("◉  " + t("legend.planned-proved")),
                Panels.quiet("▭  " + t("legend.missing")), Panels.quiet("✕  " + t("legend.unplanned")),
                Panels.quiet("–  " + t("legend.apart")));
        legend.getStyleClass().add("legend");
        return legend;
    }
}
