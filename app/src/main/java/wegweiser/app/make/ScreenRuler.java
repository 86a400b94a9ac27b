package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.function.DoubleConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import wegweiser.app.controls.Panels;

/** Fits what is drawn in true size to this screen: a card of a size that everybody has, held against a frame. */
final class ScreenRuler extends VBox {
    /** A bank card (ISO/IEC 7810 ID-1), in mm. */
    private static final double CARD_WIDE_MM = 85.6;
    private static final double CARD_HIGH_MM = 53.98;
    private static final double LEAST = 2;
    private static final double MOST = 12;

    private final Slider size = new Slider(LEAST, MOST, LEAST);

    ScreenRuler(double now, DoubleConsumer fitted, Runnable close) {
        super(12);
        setId("screen-ruler");
        size.setId("screen-ruler-size");
        size.setValue(now);
        size.setBlockIncrement(0.01);
        Rectangle card = new Rectangle();
        card.getStyleClass().add("ruler-card");
        card.widthProperty().bind(size.valueProperty().multiply(CARD_WIDE_MM));
        card.heightProperty().bind(size.valueProperty().multiply(CARD_HIGH_MM));
        Button fits = new Button(t("ruler.fits"));
        fits.setId("screen-ruler-fits");
        fits.getStyleClass().add("dark");
        fits.setOnAction(_ -> {
            fitted.accept(size.getValue());
            close.run();
        });
        Button cancel = new Button(t("own.cancel"));
        cancel.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(t("ruler.title")), Panels.quiet(t("ruler.hint")), card, size,
                new HBox(10, fits, cancel));
        setPrefWidth(560);
    }

    void begin() {
        size.requestFocus();
    }
}
