package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.JobField;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.Terminal;
import wegweiser.core.pinout.Sources;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** The pinout of an end, one row a contact: signal, direction, level. Tab goes to the next in printed order. */
final class PinoutTable extends VBox {
    private final Session session;
    private final String end;
    private final Consumer<String> onFocus;
    private final GridPane grid = new GridPane();
    private final ColumnConstraints source = new ColumnConstraints();
    private final Map<String, Row> rows = new LinkedHashMap<>();

    private record Row(TextField signal, Button direction, Button level, Label source) {}

    PinoutTable(Session session, String end, Consumer<String> onFocus) {
        this.session = session;
        this.end = end;
        this.onFocus = onFocus;
        grid.getStyleClass().add("pinout");
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        wide.setMinWidth(64);
        grid.getColumnConstraints().addAll(atLeast(60), wide, atLeast(84), atLeast(108), source);
        source.setMaxWidth(92);
        widthProperty().addListener((_, _, width) -> {
            // where it is narrow the sources are told by the tooltip alone
            boolean room = width.doubleValue() >= 360;
            source.setMinWidth(room ? 60 : 0);
            source.setPrefWidth(room ? 80 : 0);
            source.setMaxWidth(room ? 92 : 0);
        });
        ScrollPane scroll = Panels.scroll(grid);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        setMinHeight(120);
    }

    /** A column that is wider only where its words need it. */
    private static ColumnConstraints atLeast(double width) {
        ColumnConstraints column = new ColumnConstraints();
        column.setMinWidth(width);
        return column;
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
        Map<String, Pin> pins = new LinkedHashMap<>();
        Pin.of(shown).forEach(p -> pins.put(p.terminal().contact(), p));
        rows.forEach((contact, row) -> {
            Pin pin = pins.get(contact);
            JobField.show(row.signal(), pin == null ? "" : pin.row().label());
            row.direction().setText(
                    pin == null ? "" : pin.direction().map(d -> t("direction." + d.id())).orElse(""));
            boolean guessed = pin != null && pin.guessed();
            row.direction().getStyleClass().removeAll("guessed");
            if (guessed) {
                row.direction().getStyleClass().add("guessed");
            }
            row.direction()
                    .setAccessibleText(
                            t("ends.spoken.direction", end + "." + contact, row.direction().getText())
                                    + (guessed ? " " + t("ends.guessed") : ""));
            row.level().setText(pin == null ? "" : pin.row().level().orElse(""));
            row.level().setAccessibleText(t("ends.spoken.level", end + "." + contact, row.level().getText()));
            source(row, pin, guessed);
        });
    }

    private static void source(Row row, Pin pin, boolean guessed) {
        List<PinSource> sources = pin == null ? List.of() : pin.row().sources();
        boolean measured = sources.stream().anyMatch(s -> s.source().equals(PinSource.MEASURED));
        boolean differ = sources.stream().noneMatch(Sources::settles) && sources.stream()
                .filter(s -> !s.name().isBlank()).map(Sources::signal).distinct().count() > 1;
        row.source().getStyleClass().removeAll("trouble", "paste-good");
        if (differ || measured) {
            row.source().getStyleClass().add(differ ? "trouble" : "paste-good");
        }
        row.source().setText(differ
                ? t("ends.source.differ")
                : measured
                        ? t("ends.source.measured")
                        : sources.size() > 1
                                ? t("ends.source.many", sources.size())
                                : sources.isEmpty()
                                        ? guessed ? t("ends.guessed") : ""
                                        : Sources.shown(sources.getFirst().source()));
        row.signal().setTooltip(sources.isEmpty()
                ? null
                : new Tooltip(String.join("\n", sources.stream()
                        .map(s -> Sources.shown(s.source()) + ": " + s.name()
                                + s.contact().map(c -> t("ends.source.as", c)).orElse(""))
                        .toList())));
    }

    private void build(List<String> contacts) {
        grid.getChildren().clear();
        rows.clear();
        int at = 0;
        for (String head : List.of("ends.contact", "ends.signal", "ends.direction", "ends.level",
                "ends.source")) {
            grid.add(Panels.quiet(t(head)), at++, 0);
        }
        int line = 1;
        for (String contact : contacts) {
            Label id = new Label(contact);
            id.getStyleClass().add("contact-id");
            id.setMinWidth(USE_PREF_SIZE);
            TextField signal = new TextField();
            signal.setId("signal-" + end + "-" + contact);
            signal.setAccessibleText(t("ends.spoken.signal", end + "." + contact));
            signal.focusedProperty().addListener((_, _, focused) -> {
                if (focused) {
                    onFocus.accept(contact);
                } else {
                    keep(contact);
                }
            });
            signal.setOnAction(_ -> keep(contact));
            Button direction = direction(contact);
            Button level = level(contact);
            Label from = Panels.quiet("");
            from.setWrapText(false);
            rows.put(contact, new Row(signal, direction, level, from));
            grid.addRow(line++, id, signal, direction, level, from);
        }
    }

    /** A button that opens the list of directions; a list in every row would make the window slow to start. */
    private Button direction(String contact) {
        Button button = new Button();
        button.getStyleClass().add("direction");
        button.setFocusTraversable(false);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setId("direction-" + end + "-" + contact);
        button.setOnAction(_ -> {
            ContextMenu menu = new ContextMenu();
            for (Direction d : Direction.values()) {
                MenuItem item = new MenuItem(t("direction." + d.id()));
                item.setOnAction(_ -> edit(contact, r -> r.withDirection(d)));
                menu.getItems().add(item);
            }
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private Button level(String contact) {
        Button button = new Button();
        button.getStyleClass().add("direction");
        button.setFocusTraversable(false);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setId("level-" + end + "-" + contact);
        button.setOnAction(_ -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().add(level(contact, t("ends.level.none"), Optional.empty()));
            Level.groups().forEach((group, levels) -> {
                Menu some = new Menu(t("ends.level." + group));
                levels.forEach(l -> some.getItems().add(level(contact, l.id(), Optional.of(l.id()))));
                menu.getItems().add(some);
            });
            menu.show(button, Side.BOTTOM, 0, 0);
        });
        return button;
    }

    private MenuItem level(String contact, String words, Optional<String> level) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(_ -> edit(contact, r -> r.withLevel(level)));
        return item;
    }

    private void keep(String contact) {
        String text = rows.get(contact).signal().getText().strip();
        Optional<PinRow> before = session.job().end(end).flatMap(e -> e.row(contact));
        if (text.equals(before.map(PinRow::label).orElse(""))) {
            return;
        }
        edit(contact,
                r -> new PinRow(contact, Optional.of(text), Optional.of(Signals.canonical(text)),
                        r.direction(), r.level(), r.volts(), r.voltsMax(),
                        r.amps(), r.pair(), r.sources(), r.optional(), r.extra()));
    }

    private void edit(String contact, java.util.function.UnaryOperator<PinRow> edit) {
        session.edit(job -> job.end(end).map(e -> {
            PinRow row = e.row(contact)
                    .orElseGet(() -> PinRow.named(contact));
            return job.withEnd(e.withRow(edit.apply(row)));
        }).orElse(job));
    }
}
