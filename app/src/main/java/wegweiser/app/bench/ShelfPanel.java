package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.TableFile;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.CableForm;
import wegweiser.app.stage.Notices;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.ShelfWords;
import wegweiser.core.make.Article;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.Document;
import wegweiser.files.workshop.ShelfCsv;

/** What lies on the shelf; what is put there, changed and taken away goes to the disk by way of the deeds. */
final class ShelfPanel extends VBox {
    private static final PseudoClass LOW = PseudoClass.getPseudoClass("low");

    private final Session session;
    private final Overlay overlay;
    private final Deeds deeds;
    private final ListView<ShelfLine> list = new ListView<>();
    private final Label empty = Panels.quiet(t("shelf.empty"));
    private final Background reading = new Background();

    private record Read(Shelf shelf, String trouble) {}

    ShelfPanel(Session session, Overlay overlay, Deeds deeds, ToggleButton toJobs) {
        super(10);
        this.session = session;
        this.overlay = overlay;
        this.deeds = deeds;
        setId("shelf");
        getStyleClass().add("sheet");
        setMinWidth(230);
        setPrefWidth(272);
        list.setId("shelf-list");
        list.getStyleClass().addAll("titles", "shelf-list");
        list.setAccessibleText(t("shelf.title"));
        list.setCellFactory(_ -> new Line());
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                edit();
            } else if (e.getCode() == KeyCode.DELETE) {
                takeAway();
            } else {
                return;
            }
            e.consume();
        });
        list.setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY && e.getClickCount() == 2) {
                edit();
            }
        });
        list.managedProperty().bind(list.visibleProperty());
        VBox.setVgrow(list, Priority.ALWAYS);
        empty.setWrapText(true);
        empty.visibleProperty().bind(list.visibleProperty().not());
        empty.managedProperty().bind(empty.visibleProperty());
        Button put = new Button(t("do.shelf-put"));
        put.setId("shelf-put");
        put.setWrapText(true);
        put.setMinHeight(USE_PREF_SIZE);
        put.setOnAction(_ -> put());
        MenuButton more = new MenuButton("…");
        more.setId("shelf-menu");
        more.getStyleClass().add("card-menu");
        more.setAccessibleText(t("shelf.menu"));
        actions().stream().skip(1).forEach(a -> {
            MenuItem item = new MenuItem(a.words().get());
            item.setId("menu-" + a.id());
            item.setOnAction(_ -> a.run());
            more.getItems().add(item);
        });
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(8, Panels.heading(t("shelf.title")), space, toJobs, more);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, empty, list, put);
    }

    /** What can be done to the shelf. */
    List<Action> actions() {
        return List.of(Action.of("shelf-put", List.of(), this::put),
                Action.of("shelf-edit", List.of(), this::edit).when(() -> chosen().isPresent()),
                Action.of("shelf-remove", List.of(), this::takeAway).when(() -> chosen().isPresent()),
                Action.of("shelf-in", List.of(), this::tableIn),
                Action.of("shelf-out", List.of(), this::tableOut).when(() -> !list.getItems().isEmpty()));
    }

    private Optional<ShelfLine> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    }

    /** Reads the shelf anew. */
    void again() {
        reading.run(() -> {
            try {
                return new Read(session.shelf().read(), "");
            } catch (BadFile e) {
                return new Read(Shelf.EMPTY, e.getMessage());
            } catch (IOException e) {
                return new Read(Shelf.EMPTY, Session.reason(e));
            }
        }, read -> {
            int at = list.getSelectionModel().getSelectedIndex();
            list.getItems().setAll(read.shelf().lines());
            // lines are measured anew, each being as high as its words
            list.refresh();
            list.getSelectionModel().select(Math.min(at, list.getItems().size() - 1));
            list.setVisible(!list.getItems().isEmpty());
            empty.getStyleClass().setAll("label", read.trouble().isEmpty() ? "quiet" : "field-error");
            empty.setText(read.trouble().isEmpty() ? t("shelf.empty") : t("shelf.trouble", read.trouble()));
        });
    }

    private void put() {
        ShelfForm form = new ShelfForm(session.library(), this::add, this::ownCable, overlay::down);
        overlay.up(form);
        form.begin();
    }

    private void add(ShelfLine line) {
        overlay.down();
        deeds.shelf(t("deed.shelf-put", ShelfWords.amount(line.article(), line.amount()), line.title()),
                s -> s.with(line), session.shelf());
    }

    private void ownCable() {
        CableForm form = new CableForm(session, piece -> {
            overlay.down();
            if (piece.metres() > 0) {
                add(ShelfLine.of(new Article(Article.Kind.CABLE, piece.cable().id()), piece.cable().title(),
                        piece.metres()));
            }
        }, overlay::down);
        overlay.up(form);
        form.begin();
    }

    private void edit() {
        chosen().ifPresent(line -> {
            ShelfForm form = new ShelfForm(line, now -> {
                overlay.down();
                deeds.shelf(t("deed.shelf-edit", now.title()), s -> changed(s, line, Optional.of(now)),
                        session.shelf());
            }, overlay::down);
            overlay.up(form);
            form.begin();
        });
    }

    private void takeAway() {
        chosen().ifPresent(line -> deeds.shelf(t("deed.shelf-remove", line.title()),
                s -> changed(s, line, Optional.empty()), session.shelf()));
    }

    /** The shelf with a line replaced or taken away, if it is still there. */
    private static Shelf changed(Shelf shelf, ShelfLine line, Optional<ShelfLine> now) {
        int at = shelf.lines().indexOf(line);
        return at < 0 ? shelf : now.map(n -> shelf.withLine(at, n)).orElseGet(() -> shelf.withoutLine(at));
    }

    private void tableIn() {
        TableFile.toRead(getScene().getWindow()).ifPresent(file -> Background.errand(() -> {
            try {
                return new Read(ShelfCsv.parse(Document.textOf(file), file.getFileName().toString(),
                        session.library()), "");
            } catch (BadFile e) {
                return new Read(Shelf.EMPTY, e.getMessage());
            }
        }, read -> {
            if (read.trouble().isEmpty()) {
                ask(read.shelf(), file);
            } else {
                session.notices().warn(read.trouble());
            }
        }));
    }

    /** Whether a table is added to the shelf or takes its place. */
    private void ask(Shelf table, Path file) {
        String from = t("deed.shelf-in", file.getFileName());
        if (list.getItems().isEmpty()) {
            deeds.shelf(from, s -> s.with(table), session.shelf());
            return;
        }
        Button add = new Button(t("shelf.in.add"));
        add.setId("shelf-in-add");
        add.getStyleClass().add("dark");
        add.setOnAction(_ -> {
            overlay.down();
            deeds.shelf(from, s -> s.with(table), session.shelf());
        });
        Button instead = new Button(t("shelf.in.instead"));
        instead.setId("shelf-in-instead");
        instead.setOnAction(_ -> {
            overlay.down();
            deeds.shelf(from, _ -> table, session.shelf());
        });
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> overlay.down());
        VBox box = new VBox(12, Panels.heading(file.getFileName().toString()),
                Panels.quiet(t("shelf.in.what", table.lines().size(), list.getItems().size())),
                new HBox(10, add, instead, back));
        box.setId("shelf-in");
        box.setPrefWidth(460);
        overlay.up(box);
        add.requestFocus();
    }

    private void tableOut() {
        TableFile.toWrite(getScene().getWindow(), "shelf.csv").ifPresent(file -> Background.errand(() -> {
            try {
                AtomicFile.write(file,
                        ShelfCsv.text(session.shelf().read()).getBytes(StandardCharsets.UTF_8));
                return Notices.Notice.of(t("shelf.out.done", file.getFileName()));
            } catch (BadFile e) {
                return Notices.Notice.warning(e.getMessage());
            } catch (IOException e) {
                return Notices.Notice.warning(t("shelf.out.failed", file.getFileName(), Session.reason(e)));
            }
        }, session.notices()::show));
    }

    /** A line: what, and how much of it. */
    private static final class Line extends ListCell<ShelfLine> {
        private final Label title = new Label();
        private final Label amount = new Label();
        private final HBox row;

        Line() {
            amount.getStyleClass().add("figure");
            amount.setMinWidth(USE_PREF_SIZE);
            row = Panels.line(Panels.whole(title), amount);
            setPrefWidth(0);
        }

        @Override
        protected double computePrefHeight(double width) {
            // a list asks without a width, and words that wrap need one
            return getListView() == null || getItem() == null
                    ? super.computePrefHeight(width)
                    : row.prefHeight(getListView().getWidth() - 26) + 10;
        }

        @Override
        protected void updateItem(ShelfLine line, boolean none) {
            super.updateItem(line, none);
            setText(null);
            if (none || line == null) {
                setGraphic(null);
                setAccessibleText("");
                return;
            }
            title.setText(line.title());
            amount.setText(ShelfWords.amount(line.article(), line.amount()));
            amount.pseudoClassStateChanged(LOW, line.isLow());
            setGraphic(row);
            setAccessibleText(
                    t(line.isLow() ? "shelf.spoken-low" : "shelf.spoken", title.getText(), amount.getText()));
        }
    }
}
