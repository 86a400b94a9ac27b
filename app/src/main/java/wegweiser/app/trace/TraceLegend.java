package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.layout.FlowPane;

/** What the shapes on the pegboard mean while a cable is traced. */
final class TraceLegend {
    private TraceLegend() {}

    /** @param assumed whether a join that is only assumed is on the board, which is seldom */
    static FlowPane create(ObservableBooleanValue assumed) {
        FlowPane legend = new FlowPane(14, 2);
        legend.getStyleClass().add("legend");
        LegendItem supposed = new LegendItem(LegendItem.Kind.JOINED_ASSUMED, t("legend.joined-assumed"));
        supposed.visibleProperty().bind(assumed);
        supposed.managedProperty().bind(assumed);
        legend.getChildren().addAll(new LegendItem(LegendItem.Kind.JOINED, t("legend.joined")),
                new LegendItem(LegendItem.Kind.FOLLOWS, t("legend.follows")),
                supposed, new LegendItem(LegendItem.Kind.APART, t("legend.apart")),
                new LegendItem(LegendItem.Kind.APART_FOLLOWS, t("legend.apart-follows")),
                new LegendItem(LegendItem.Kind.ASSUMED, t("legend.assumed")),
                new LegendItem(LegendItem.Kind.UNKNOWN, t("legend.unknown")),
                new LegendItem(LegendItem.Kind.NOW, t("legend.now")));
        return legend;
    }
}
