package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import wegweiser.app.controls.Panels;
import wegweiser.app.shell.Session;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** The pinout of an end, one row a contact: signal, direction, level. Tab goes to the next in printed order. */
final class PinoutTable extends VBox {
    private final Session session;
    private final String end;
    private final Consumer<String> onFocus;
    private final GridPane grid = new GridPane();
    private final Map<String, Row> rows = new LinkedHashMap<>();
    private boolean showing;

    private record Row(TextField signal, ChoiceBox<Optional<Direction>> direction, Label level) {}

    PinoutTable(Session session, String end, Consumer<String> onFocus) {
        this.session = session;
        this.end = end;
        this.onFocus = onFocus;
        grid.getStyleClass().add("pinout");
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(new ColumnConstraints(58), wide, new ColumnConstraints(120),
                new ColumnConstraints(76));
        ScrollPane scroll = Panels.scroll(grid);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        setMinHeight(90);
    }

    void focus(String contact) {
        Row row = rows.get(contact);
        if (row != null) {
            row.signal().requestFocus();
        }
    }

    void show(Job job, End shown, Optional<ConnectorType> type) {
        List<String> contacts = Terminals.of(job, shown).stream().map(Terminal::contact).toList();
        if (!contacts.equals(List.copyOf(rows.keySet()))) {
            build(contacts);
        }
        showing = true;
        Map<String, Pin> pins = new LinkedHashMap<>();
        Pin.of(shown).forEach(p -> pins.put(p.terminal().contact(), p));
        rows.forEach((contact, row) -> {
            Pin pin = pins.get(contact);
            if (!row.signal().isFocused()) {
                row.signal().setText(pin == null ? "" : pin.row().label());
            }
            row.direction().setValue(pin == null ? Optional.empty() : pin.direction());
            boolean guessed = pin != null && pin.guessed();
            row.direction().getStyleClass().removeAll("guessed");
            if (guessed) {
                row.direction().getStyleClass().add("guessed");
            }
            row.level().setText((pin == null ? "" : pin.level()) + (guessed ? " " + t("ends.guessed") : ""));
        });
        showing = false;
    }

    private void build(List<String> contacts) {
        grid.getChildren().clear();
        rows.clear();
        int at = 0;
        for (String head : List.of("ends.contact", "ends.signal", "ends.direction", "ends.level")) {
            grid.add(Panels.quiet(t(head)), at++, 0);
        }
        int line = 1;
        for (String contact : contacts) {
            Label id = new Label(contact);
            id.getStyleClass().add("contact-id");
            TextField signal = new TextField();
            signal.setId("signal-" + end + "-" + contact);
            signal.focusedProperty().addListener((_, _, focused) -> {
                if (focused) {
                    onFocus.accept(contact);
                } else {
                    keep(contact);
                }
            });
            signal.setOnAction(_ -> keep(contact));
            ChoiceBox<Optional<Direction>> direction = direction(contact);
            Label level = new Label();
            level.getStyleClass().add("quiet");
            rows.put(contact, new Row(signal, direction, level));
            grid.addRow(line++, id, signal, direction, level);
        }
    }

    private ChoiceBox<Optional<Direction>> direction(String contact) {
        ChoiceBox<Optional<Direction>> box = new ChoiceBox<>();
        box.setFocusTraversable(false);
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().add(Optional.empty());
        for (Direction d : Direction.values()) {
            box.getItems().add(Optional.of(d));
        }
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Direction> d) {
                return d == null || d.isEmpty() ? "" : t("direction." + d.get().id());
            }

            @Override
            public Optional<Direction> fromString(String text) {
                throw new IllegalStateException("the list is not typed into");
            }
        });
        box.setOnAction(_ -> {
            if (!showing) {
                box.getValue().ifPresent(d -> edit(contact, r -> r.withDirection(d)));
            }
        });
        return box;
    }

    private void keep(String contact) {
        String text = rows.get(contact).signal().getText().strip();
        Optional<PinRow> before = session.job().end(end).flatMap(e -> e.row(contact));
        if (text.equals(before.map(PinRow::label).orElse(""))) {
            return;
        }
        edit(contact,
                r -> new PinRow(contact, Optional.of(text), Optional.of(Signals.canonical(text)),
                        r.direction(), r.level(), r.volts(),
                        r.amps(), r.pair(), r.sources(), r.extra()));
    }

    private void edit(String contact, java.util.function.UnaryOperator<PinRow> edit) {
        session.edit(job -> job.end(end).map(e -> {
            PinRow row = e.row(contact)
                    .orElseGet(() -> new PinRow(contact, Optional.empty(), Optional.empty(), Optional.empty(),
                            Optional.empty(),
                            java.util.OptionalDouble.empty(), java.util.OptionalDouble.empty(),
                            Optional.empty(), List.of(), Extra.NONE));
            return job.withEnd(e.withRow(edit.apply(row)));
        }).orElse(job));
    }
}
