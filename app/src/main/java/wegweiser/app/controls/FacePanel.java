package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;

/** A connector's face with its end's name, the switch between the sides, and the side in words. */
public final class FacePanel extends VBox {
    private final Label name = new Label();
    private final Label device = new Label();
    private final Label connector = new Label();
    private final ToggleButton mating = new ToggleButton(t("side.mating.short"));
    private final ToggleButton wiring = new ToggleButton(t("side.wiring.short"));
    private final ConnectorFace face = new ConnectorFace();
    private final Label words = new Label();
    private Side side = Side.WIRING;
    private Optional<ConnectorType> type = Optional.empty();
    private FaceDrawing.Marks marks = FaceDrawing.Marks.NONE;

    public FacePanel() {
        getStyleClass().add("face-panel");
        name.getStyleClass().add("end-name");
        device.getStyleClass().add("end-device");
        connector.getStyleClass().add("quiet");
        words.getStyleClass().addAll("quiet", "side-words");
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        ToggleGroup group = new ToggleGroup();
        mating.setToggleGroup(group);
        wiring.setToggleGroup(group);
        wiring.setSelected(true);
        for (ToggleButton button : new ToggleButton[]{mating, wiring}) {
            button.getStyleClass().add("side-switch");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setFocusTraversable(false);
            HBox.setHgrow(button, Priority.ALWAYS);
        }
        mating.setOnAction(_ -> look(Side.MATING));
        wiring.setOnAction(_ -> look(Side.WIRING));
        HBox switches = new HBox(mating, wiring);
        switches.getStyleClass().add("side-switches");
        HBox title = new HBox(8, name, device);
        title.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        VBox.setVgrow(face, Priority.ALWAYS);
        getChildren().addAll(title, connector, switches, face, words);
    }

    /** Shows an end with its connector and marks at its contacts. */
    public void show(End end, Optional<ConnectorType> newType, FaceDrawing.Marks newMarks) {
        name.setText(end.name());
        device.setText(end.device());
        type = newType;
        marks = newMarks;
        connector.setText(type.map(ConnectorType::title).orElse(t("ends.leads")));
        update();
    }

    /** Leaves out the names, for places that show them already. */
    public void bare() {
        getChildren().removeIf(n -> n != face && n != words && !n.getStyleClass().contains("side-switches"));
    }

    /** Looks from a side. */
    public void look(Side newSide) {
        side = newSide;
        (side == Side.WIRING ? wiring : mating).setSelected(true);
        update();
    }

    /** Looks from the other side. */
    public void flip() {
        look(side.flipped());
    }

    public Side side() {
        return side;
    }

    public void setOnContact(Consumer<String> action) {
        face.setOnContact(action);
    }

    private void update() {
        face.show(type, side, marks);
        words.setText(type.map(t -> words(t, side)).orElse(""));
    }

    /** How to hold the connector to see it this way. */
    public static String words(ConnectorType type, Side side) {
        String kind = switch (type.outline()) {
            case Outline.Tapered _ -> "tapered";
            case Outline.Latched _ -> "latched";
            case Outline.Axial _ -> "axial";
            case Outline.Round _ -> "round";
            case Outline.Box _ -> "box";
        };
        String check = type.numbersToCheck() ? " " + t("side.check") : "";
        return t("side." + (side == Side.WIRING ? "wiring." : "mating.") + kind) + check;
    }
}
