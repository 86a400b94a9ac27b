package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.quantity.Quantity;

/** Describes a cable that lies about, such as "grey, four cores, 6 m", and keeps it in the workshop's library. */
public final class CableForm extends VBox {
    /**
     * A piece of a cable.
     *
     * @param metres how much of it there is, 0 where that was not said
     */
    public record Piece(CableStock cable, double metres) {}

    private final TextField title = new TextField();
    private final TextField cores = new TextField();
    private final TextField length = new TextField();
    private final TextField awg = new TextField("24");
    private final TextField diameter = new TextField("5");
    private final CheckBox screen = new CheckBox(t("cable.screen"));
    private final CheckBox solid = new CheckBox(t("cable.solid"));
    private final Map<CableStock.Inside, CheckBox> inside = new EnumMap<>(CableStock.Inside.class);
    private final Label error = new Label();

    /** @param made told what was described, once it is kept */
    public CableForm(Session session, Consumer<Piece> made, Runnable cancel) {
        super(10);
        setId("cable-form");
        title.setId("cable-title");
        title.setPromptText(t("cable.title.prompt"));
        cores.setId("cable-cores");
        cores.setPromptText(t("cable.cores.prompt"));
        length.setId("cable-metres");
        for (TextField field : List.of(length, awg, diameter)) {
            field.setPrefColumnCount(5);
        }
        error.getStyleClass().add("field-error");
        error.setId("cable-error");
        error.setWrapText(true);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("key-list");
        grid.addRow(0, new Label(t("own.name")), title);
        grid.addRow(1, new Label(t("cable.cores")), cores);
        grid.addRow(2, new Label(t("cable.length")), Panels.beside(length, new Label("m")));
        grid.addRow(3, new Label(t("cable.size")),
                Panels.beside(awg, new Label("AWG"), diameter, new Label("mm")));
        grid.addRow(4, new Label(""), new HBox(14, screen, solid));
        HBox under = new HBox(14);
        for (CableStock.Inside thing : CableStock.Inside.values()) {
            CheckBox box = new CheckBox(t("cable.inside." + thing.id()));
            box.setId("cable-" + thing.id());
            inside.put(thing, box);
            under.getChildren().add(box);
        }
        grid.addRow(5, new Label(t("cable.inside")), under);
        Button keep = new Button(t("own.keep"));
        keep.getStyleClass().add("dark");
        keep.setId("cable-keep");
        keep.setOnAction(_ -> {
            try {
                number(length, true);
                CableStock cable = cable();
                Optional<String> trouble = Keeping.cable(session, cable);
                error.setText(trouble.orElse(""));
                if (trouble.isEmpty()) {
                    made.accept(new Piece(cable, number(length, true)));
                }
            } catch (IllegalArgumentException e) {
                error.setText(e.getMessage());
            }
        });
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> cancel.run());
        getChildren().addAll(Panels.heading(t("cable.heading")), Panels.quiet(t("cable.hint")), grid, error,
                new HBox(10, keep, back));
        setPrefWidth(520);
    }

    /** Puts the cursor into the first field. */
    public void begin() {
        title.requestFocus();
    }

    private CableStock cable() {
        if (title.getText().isBlank()) {
            throw new IllegalArgumentException(t("own.error.title"));
        }
        List<String> conductors = conductors();
        return new CableStock(Keeping.id("cable", title.getText()), title.getText().strip(), conductors,
                (int) number(awg, false), List.of(), (int) number(awg, false), List.of(),
                screen.isSelected() ? t("cable.screen") : "", 0, number(diameter, false), !solid.isSelected(),
                false,
                false, OptionalDouble.empty(), "").withInside(inside());
    }

    private List<CableStock.Inside> inside() {
        return Arrays.stream(CableStock.Inside.values()).filter(i -> inside.get(i).isSelected()).toList();
    }

    /** Colours as words or letters; one that comes twice is told apart by a number. */
    private List<String> conductors() {
        Map<String, Integer> seen = new HashMap<>();
        List<String> found = new ArrayList<>();
        for (String word : Arrays.stream(cores.getText().strip().split("[\\s,;]+")).filter(w -> !w.isEmpty())
                .toList()) {
            String code = ColourCode.of(word.toLowerCase(java.util.Locale.ROOT))
                    .orElse(word.toUpperCase(java.util.Locale.ROOT));
            int times = seen.merge(code, 1, Integer::sum);
            found.add(times == 1 ? code : code + "." + times);
        }
        if (found.isEmpty()) {
            throw new IllegalArgumentException(t("cable.error.cores"));
        }
        return found;
    }

    private static double number(TextField field, boolean mayBeEmpty) {
        String text = field.getText();
        if (text.isBlank() && mayBeEmpty) {
            return 0;
        }
        try {
            double value = Quantity.parse(text).value();
            if (value >= 0 && value < 1e5) {
                return value;
            }
        } catch (IllegalArgumentException _) {
            // told below, as any other number that makes no sense
        }
        throw new IllegalArgumentException(t("cable.error.number", field.getText()));
    }
}
