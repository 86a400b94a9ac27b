package wegweiser.app.controls;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A probe: an arm that points at its terminals. */
final class ProbeArm extends VBox {
    private final Label where = new Label();
    private final Label hint = new Label();
    private final Polygon shape = new Polygon();

    ProbeArm(String style) {
        super(6);
        shape.getStyleClass().add(style);
        where.getStyleClass().add("probe-where");
        hint.getStyleClass().add("quiet");
        StackPane arm = new StackPane(shape, where);
        arm.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(arm, hint);
    }

    void show(List<Terminal> terminals, String newHint, String who) {
        boolean one = terminals.size() == 1;
        String ends = terminals.stream().map(Terminal::end).distinct().count() == 1
                ? terminals.getFirst().end() + " · "
                : "";
        String text = one
                ? terminals.getFirst().end() + "·" + terminals.getFirst().contact()
                : ends.isEmpty()
                        ? Words.list(terminals)
                        : ends + String.join(" ", terminals.stream().map(Terminal::contact).toList());
        where.setText(text);
        where.getStyleClass().removeAll("gang", "long-gang");
        if (one && text.length() > 5) {
            where.getStyleClass().add("gang");
        } else if (!one) {
            where.getStyleClass().add(text.length() > 18 ? "long-gang" : "gang");
        }
        where.setWrapText(!one);
        double width = one ? 172 : 190;
        where.setMaxWidth(width - 34);
        where.setMinWidth(width - 34);
        shape.getPoints().setAll(0.0, 0.0, width - 22, 0.0, width, 35.0, width - 22, 70.0, 0.0, 70.0);
        hint.setText(newHint.isEmpty() ? who : who + " · " + newHint);
    }
}
