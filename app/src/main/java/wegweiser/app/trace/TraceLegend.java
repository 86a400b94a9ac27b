package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import javafx.scene.layout.FlowPane;

/** What the shapes on the pegboard mean while a cable is traced. */
final class TraceLegend {
    private TraceLegend() {}

    static FlowPane create() {
        FlowPane legend = new FlowPane(14, 2);
        legend.getStyleClass().add("legend");
        legend.getChildren().addAll(new LegendItem(LegendItem.Kind.JOINED, t("legend.joined")),
                new LegendItem(LegendItem.Kind.FOLLOWS, t("legend.follows")),
                new LegendItem(LegendItem.Kind.APART, t("legend.apart")),
                new LegendItem(LegendItem.Kind.APART_FOLLOWS, t("legend.apart-follows")),
                new LegendItem(LegendItem.Kind.ASSUMED, t("legend.assumed")),
                new LegendItem(LegendItem.Kind.UNKNOWN, t("legend.unknown")),
                new LegendItem(LegendItem.Kind.NOW, t("legend.now")));
        return legend;
    }
}
