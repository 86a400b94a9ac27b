package wegweiser.app.log;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageView;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;

/** Every unit made: filter as you type. */
public final class LogStage implements StageView {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final Session session;
    private final Background background = new Background();
    private final TextField filter = new TextField();
    private final TableView<Unit> table = new TableView<>();
    private final Label count = Panels.quiet("");
    private final VBox view;

    /** Units, or the reason why there are none to show. */
    private record Found(List<Unit> units, Optional<String> trouble) {}

    public LogStage(Session session) {
        this.session = session;
        filter.setPromptText(t("log.filter"));
        filter.setId("log-filter");
        filter.textProperty().addListener(_ -> show(session.job()));
        table.setId("log-table");
        table.setAccessibleText(t("log.title"));
        column("log.label", Unit::label, 112);
        column("log.made", u -> made(u.madeAt()), 160);
        column("log.result", LogStage::result, 190);
        column("log.job", Unit::job, 220);
        column("log.ends", Unit::ends, 360);
        column("log.wiring", Unit::wiring, 260);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        HBox.setHgrow(filter, Priority.ALWAYS);
        HBox head = new HBox(14, Panels.heading(t("log.title")), filter, count);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox.setVgrow(table, Priority.ALWAYS);
        VBox sheet = Panels.sheet(head, table);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        view = new VBox(sheet);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
    }

    /** The verdict, and which connectors were put on anew. */
    private static String result(Unit unit) {
        return Stream.concat(
                Stream.of(unit.said().isEmpty() ? t("log.result." + unit.result()) : unit.said()),
                unit.anew().stream().map(c -> t("log.anew", c.end(), Words.number(c.mm()))))
                .collect(Collectors.joining("\n"));
    }

    private void column(String key, java.util.function.Function<Unit, String> value, double width) {
        TableColumn<Unit, String> column = new TableColumn<>(t(key));
        column.setCellValueFactory(f -> new ReadOnlyStringWrapper(value.apply(f.getValue())));
        column.setCellFactory(c -> new WholeCell(c));
        column.setPrefWidth(width);
        table.getColumns().add(column);
    }

    /** A cell that takes as many lines as its text needs. */
    private static final class WholeCell extends TableCell<Unit, String> {
        private final Text text = new Text();

        WholeCell(TableColumn<Unit, String> column) {
            text.wrappingWidthProperty().bind(column.widthProperty().subtract(16));
            text.getStyleClass().add("cell-words");
            getStyleClass().add("whole-cell");
            setGraphic(text);
        }

        @Override
        protected void updateItem(String item, boolean empty) {
            super.updateItem(item, empty);
            text.setText(empty ? "" : item);
        }
    }

    /** A time as the clock here shows it. */
    private static String made(String iso) {
        try {
            return CLOCK.format(Instant.parse(iso).atZone(ZoneId.systemDefault()));
        } catch (DateTimeException _) {
            return iso;
        }
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.empty();
    }

    @Override
    public void show(Job job) {
        String text = filter.getText();
        table.setPlaceholder(Panels.quiet(t("log.reading")));
        background.run(() -> {
            Path logbook = session.workshop().logbook();
            if (!Files.exists(logbook)) {
                return new Found(List.of(), Optional.empty());
            }
            try (Logbook log = Logbook.look(logbook)) {
                return new Found(log.find(text), Optional.empty());
            } catch (IOException e) {
                return new Found(List.of(), Optional.of(e.getMessage()));
            }
        }, found -> {
            table.setItems(FXCollections.observableList(found.units()));
            count.setText(t("log.count",
                    t("units", found.units().size())));
            table.setPlaceholder(Panels.quiet(found.trouble().isPresent()
                    ? t("log.unreadable")
                    : text.isBlank() ? t("log.empty") : t("log.no-match", text)));
            found.trouble().ifPresent(x -> session.notices().warn(t("log.trouble", x)));
        });
    }

    @Override
    public List<Action> actions() {
        // the letter itself follows as a typed one, and lands in the field
        return List.of(Action.byKey("filter", Keys.LETTERS, "a … z", _ -> {
            filter.requestFocus();
            filter.end();
            return true;
        }));
    }

    @Override
    public Optional<Node> search() {
        return Optional.of(filter);
    }
}
