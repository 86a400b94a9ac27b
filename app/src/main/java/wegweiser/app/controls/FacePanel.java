package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.words.Words;

/** A connector's face with its end's name, the switch between the sides, and the side in words. */
public final class FacePanel extends VBox {
    private final Label name = new Label();
    private final Label device = new Label();
    private final Label connector = new Label();
    private final ToggleButton mating = new ToggleButton(t("side.mating.short"));
    private final ToggleButton wiring = new ToggleButton(t("side.wiring.short"));
    private final ConnectorFace face = new ConnectorFace();
    private final Label words = new Label();
    private final HBox switches = new HBox();
    private Side side = Side.WIRING;
    private Optional<ConnectorType> type = Optional.empty();
    private FaceDrawing.Marks marks = FaceDrawing.Marks.NONE;

    public FacePanel() {
        getStyleClass().add("face-panel");
        name.getStyleClass().add("end-name");
        device.getStyleClass().add("end-device");
        Panels.whole(connector).getStyleClass().add("quiet");
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
        switches.getChildren().setAll(mating, wiring);
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
        getChildren().removeIf(n -> n != face);
        switches.setMinWidth(USE_PREF_SIZE);
        words.setMinHeight(30);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox line = new HBox(12, switches, words);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addFirst(line);
    }

    /** Adds zooming, with buttons for those without a wheel, and a line that tells the neighbours of a contact. */
    public void zoomable() {
        face.zoomable();
        face.setOnHover(this::tell);
        Button out = new Button("−");
        Button in = new Button("+");
        out.setId("zoom-out");
        in.setId("zoom-in");
        out.setAccessibleText(t("face.zoom.out"));
        in.setAccessibleText(t("face.zoom.in"));
        for (Button button : new Button[]{out, in}) {
            button.getStyleClass().add("side-switch");
            button.setFocusTraversable(false);
            button.setMinWidth(USE_PREF_SIZE);
        }
        out.setOnAction(_ -> face.zoomTo(face.zoom() / 1.6));
        in.setOnAction(_ -> face.zoomTo(face.zoom() * 1.6));
        switches.getChildren().addAll(out, in);
    }

    /** Says what a contact is and what lies next to it; nothing for an empty one. */
    private void tell(String contact) {
        words.setText(type.filter(c -> c.has(contact)).map(c -> {
            String name = marks.names().getOrDefault(contact, "");
            List<String> near = c.neighbours(contact);
            return (name.isEmpty() ? contact : contact + " " + name) + ". "
                    + (near.isEmpty() ? t("face.alone") : t("face.near", Words.list(near)));
        }).or(() -> type.map(c -> words(c, side))).orElse(""));
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
            case Outline.Latched _ -> type.gender() == Gender.PLUG ? "latched" : "latched-socket";
            case Outline.Axial _ -> "axial";
            case Outline.Round round -> switch (round.key()) {
                case TOP -> "round";
                case BOTTOM -> "round-below";
                case NONE -> "box";
            };
            case Outline.Tongued tongue -> tongue.round() ? "box" : "tongued";
            case Outline.Bevelled _ -> "bevelled";
            case Outline.Box box -> box.key() == Outline.Key.BOTTOM ? "box-below" : "box";
        };
        String check = type.numbersToCheck() && type.hasPrintedNumbers() ? " " + t("side.check") : "";
        return t("side." + (side == Side.WIRING ? "wiring." : "mating.") + kind) + check;
    }
}
