package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/** The face of the meter: what the simulated one shows, or the word that the person's own is in use. */
public final class MeterDisplay extends VBox {
    private static final PseudoClass NARROW = PseudoClass.getPseudoClass("narrow");
    /** Below this width in pixels large digits would cut off the longest reading, and half a reading is a wrong one. */
    private static final double WIDE = 230;

    private final Label mode = new Label();
    private final Label digits = new Label();
    private final Label name = new Label();
    private final Label hint = new Label();
    private Optional<Outcome> reading = Optional.empty();
    private Runnable onToggle = () -> {};

    MeterDisplay() {
        getStyleClass().add("meter");
        mode.getStyleClass().add("meter-mode");
        digits.getStyleClass().add("meter-digits");
        digits.setMaxWidth(Double.MAX_VALUE);
        digits.setAlignment(Pos.CENTER_RIGHT);
        VBox glass = new VBox(mode, digits);
        glass.getStyleClass().add("meter-glass");
        VBox.setVgrow(glass, Priority.ALWAYS);
        name.getStyleClass().add("meter-words");
        hint.getStyleClass().add("meter-words");
        getChildren().addAll(glass, new FlowPane(12, 0, name, hint));
        setMinWidth(140);
        setPrefWidth(298);
        widthProperty()
                .addListener((_, _, width) -> pseudoClassStateChanged(NARROW, width.doubleValue() < WIDE));
        showNone();
    }

    /** What M does. */
    public void setOnToggle(Runnable action) {
        onToggle = action;
    }

    void toggle() {
        onToggle.run();
    }

    /** The reading that Enter takes. */
    Optional<Outcome> reading() {
        return reading;
    }

    /** Shows what the simulated meter reads. */
    public void show(Mode newMode, Outcome outcome) {
        reading = Optional.of(outcome);
        mode.setText(t("meter.mode." + newMode.id()));
        digits.setText(text(outcome));
        name.setText(t("meter.simulated"));
        hint.setText(t("meter.enter"));
    }

    /** The person measures. */
    public void showOwn() {
        showNone();
        digits.setText("– – –");
        name.setText(t("meter.own"));
        hint.setText(t("meter.change"));
    }

    /** Nothing to measure. */
    public void showNone() {
        reading = Optional.empty();
        mode.setText(" ");
        digits.setText(" ");
        name.setText("");
        hint.setText("");
    }

    /** A result as a meter writes it. */
    public static String text(Outcome outcome) {
        return switch (outcome) {
            case Outcome.Beep() -> t("meter.beep");
            case Outcome.Silent() -> "OL";
            case Outcome.Open() -> "OL";
            case Outcome.Resistance(double ohms) -> Quantity.words(ohms, Unit.OHM);
            case Outcome.Voltage(double volts) -> Quantity.words(volts, Unit.VOLT);
            case Outcome.Reacts() -> t("meter.reacts");
            case Outcome.Nothing() -> t("meter.nothing");
        };
    }
}
