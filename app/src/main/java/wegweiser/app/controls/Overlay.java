package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;

/** What pops up over the window: the finder and the list of keys. Escape or a click beside it closes it. */
public final class Overlay {
    private final StackPane root;
    private StackPane veil;
    private Node before;
    private Consumer<List<Entry>> added = _ -> {};

    /** Something that can be found and, where it is enabled, done. */
    public record Entry(String words, String key, boolean enabled, Runnable action) {
        public Entry(String words, Runnable action) {
            this(words, "", true, action);
        }

        static Entry of(Action action) {
            return new Entry(action.words().get(), action.shown(), action.enabled().getAsBoolean(),
                    action::run);
        }

        @Override
        public String toString() {
            return words;
        }
    }

    public Overlay(StackPane root) {
        this.root = root;
    }

    public boolean isUp() {
        return veil != null;
    }

    /** Shows a panel over the window, in place of one that is up. */
    public void up(Region panel) {
        down();
        before = root.getScene() == null ? null : root.getScene().getFocusOwner();
        panel.getStyleClass().add("overlay-panel");
        panel.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        veil = new StackPane(panel);
        veil.getStyleClass().add("veil");
        veil.setAlignment(Pos.CENTER);
        veil.setOnMousePressed(e -> {
            if (e.getTarget() == veil) {
                down();
            }
        });
        veil.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                down();
                e.consume();
            }
        });
        swallow(veil);
        root.getChildren().add(veil);
        // a control without its skin hears no key, and it would get that only with the next picture
        veil.applyCss();
    }

    /** The letter of the key that put something up is typed after it is there; it is no answer to what is asked. */
    private static void swallow(StackPane over) {
        boolean[] pressed = new boolean[1];
        over.addEventFilter(KeyEvent.KEY_PRESSED, _ -> pressed[0] = true);
        over.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (!pressed[0]) {
                e.consume();
            }
        });
    }

    /** Takes the panel away and gives the focus back. */
    public void down() {
        if (veil != null) {
            root.getChildren().remove(veil);
            veil = null;
            if (before != null) {
                before.requestFocus();
            }
        }
    }

    /** A list of keys in two columns: those of the place, and those that hold everywhere. */
    public void help(String title, List<Action> here, List<Action> everywhere) {
        Label heading = new Label(title);
        heading.getStyleClass().add("heading");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("key-list");
        keys(grid, 0, here);
        keys(grid, 2, everywhere);
        VBox panel = new VBox(12, heading, grid);
        panel.setId("help");
        panel.setFocusTraversable(true);
        up(panel);
        panel.requestFocus();
    }

    private static void keys(GridPane grid, int column, List<Action> actions) {
        int row = 0;
        Set<String> listed = new HashSet<>();
        for (Action action : actions) {
            if (!action.shown().isEmpty() && listed.add(action.shown() + action.words().get())) {
                Label key = new Label(action.shown());
                key.getStyleClass().add("key-cap");
                grid.add(key, column, row);
                grid.add(new Label(action.words().get()), column + 1, row++);
            }
        }
    }

    /** What can be found: first what can be done, then what else there is. */
    public static List<Entry> entries(List<Action> actions) {
        return actions.stream().filter(Action::isFound).map(Entry::of).toList();
    }

    /** Shows what can be found; what {@link #found} adds later is found too. */
    public void find(List<Entry> first) {
        List<Entry> entries = new ArrayList<>(first);
        TextField field = new TextField();
        field.setPromptText(t("find.prompt"));
        field.setId("find-field");
        ListView<Entry> list = new ListView<>();
        list.setPrefSize(520, 320);
        list.getItems().setAll(entries);
        list.getSelectionModel().selectFirst();
        list.setFocusTraversable(false);
        list.setCellFactory(_ -> new EntryCell());
        field.textProperty().addListener((_, _, text) -> {
            String[] words = text.toLowerCase(Locale.ROOT).split("\\s+");
            list.getItems().setAll(entries.stream()
                    .filter(e -> java.util.Arrays.stream(words)
                            .allMatch(e.words().toLowerCase(Locale.ROOT)::contains))
                    .toList());
            list.getSelectionModel().selectFirst();
        });
        field.setOnKeyPressed(e -> {
            int at = list.getSelectionModel().getSelectedIndex();
            switch (e.getCode()) {
                case DOWN -> list.getSelectionModel().select(Math.min(at + 1, list.getItems().size() - 1));
                case UP -> list.getSelectionModel().select(Math.max(at - 1, 0));
                case ENTER -> run(list.getSelectionModel().getSelectedItem());
                default -> {
                }
            }
        });
        list.setOnMouseClicked(_ -> run(list.getSelectionModel().getSelectedItem()));
        VBox panel = new VBox(8, field, list);
        panel.setId("finder");
        up(panel);
        field.requestFocus();
        VBox mine = panel;
        added = more -> {
            if (veil != null && veil.getChildren().contains(mine)) {
                entries.addAll(more);
                String typed = field.getText();
                if (!typed.isEmpty()) {
                    // the list is made anew from what is typed
                    field.setText(typed + " ");
                    field.setText(typed);
                    field.end();
                }
            }
        };
    }

    /** More that can be found, which took longer to read. */
    public void found(List<Entry> more) {
        added.accept(more);
    }

    private void run(Entry entry) {
        if (entry != null && entry.enabled()) {
            down();
            entry.action().run();
        }
    }

    private static final class EntryCell extends ListCell<Entry> {
        @Override
        protected void updateItem(Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            setText(null);
            if (empty || entry == null) {
                setGraphic(null);
                return;
            }
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            Label key = new Label(entry.key());
            key.getStyleClass().add("quiet");
            HBox line = new HBox(new Label(entry.words()), space, key);
            line.setAlignment(Pos.CENTER_LEFT);
            line.setDisable(!entry.enabled());
            setGraphic(line);
        }
    }
}
