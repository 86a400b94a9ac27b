package wegweiser.app.controls;

import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import wegweiser.core.catalog.ColourCode;

/** A short piece of wire in its colour, with stripe and outline. */
public final class WireSwatch extends Pane {
    public WireSwatch(String code) {
        this(code, 32, 9);
    }

    /** A wire whose name is a colour code or a colour word; empty for other names. */
    public static java.util.Optional<WireSwatch> of(String name) {
        String code = ColourCode.of(name.toLowerCase(java.util.Locale.ROOT)).orElse(name);
        return ColourCode.hex(code).isEmpty()
                ? java.util.Optional.empty()
                : java.util.Optional.of(new WireSwatch(code, 64, 16));
    }

    public WireSwatch(String code, double width, double height) {
        getStyleClass().add("wire-swatch");
        setMinSize(width, height);
        setMaxSize(width, height);
        List<String> hex = ColourCode.hex(code);
        Rectangle base = new Rectangle(width, height);
        base.getStyleClass().add("wire-base");
        base.setArcWidth(3);
        base.setArcHeight(3);
        base.setFill(hex.isEmpty() ? Color.web("#B9B6AE") : Color.web(hex.getFirst()));
        getChildren().add(base);
        if (hex.size() > 1) {
            Rectangle stripe = new Rectangle(0.5, height / 3, width - 1, height / 3);
            stripe.setFill(Color.web(hex.get(1)));
            getChildren().add(stripe);
        }
    }
}
