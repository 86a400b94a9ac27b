package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import wegweiser.app.actions.Action;
import wegweiser.files.workshop.BenchJob;

/** The jobs as cards, one below the other; only those in sight are drawn. */
final class JobList extends ListView<Path> {
    private final Cards cards;
    private final Function<Path, BenchJob> plain;
    private final Set<JobCell> cells = new HashSet<>();
    private final Runnable open;
    /** One for all cards; the right button and the menu key bring it up too. */
    private final ContextMenu menu = new ContextMenu();
    private Set<String> away = Set.of();

    /**
     * @param plain the job of a file without its card, fast
     * @param open opens the chosen job
     * @param actions what can be done to the chosen job
     */
    JobList(Cards cards, Function<Path, BenchJob> plain, Runnable open, List<Action> actions) {
        this.cards = cards;
        this.plain = plain;
        this.open = open;
        setId("job-list");
        getStyleClass().add("job-list");
        setAccessibleText(t("bench.jobs"));
        setCellFactory(_ -> new JobCell());
        for (Action action : actions) {
            MenuItem item = new MenuItem();
            item.setId("card-" + action.id());
            item.setOnAction(_ -> action.run());
            menu.getItems().add(item);
        }
        menu.setOnShowing(_ -> {
            for (int k = 0; k < actions.size(); k++) {
                menu.getItems().get(k).setText(actions.get(k).words().get());
            }
        });
        setContextMenu(menu);
    }

    /** Shows jobs; the one that was chosen stays so where it is still there, else the one that is open is. */
    void show(List<Path> files, Set<String> newAway, Optional<Path> open) {
        away = newAway;
        Optional<Path> chosen = Optional.ofNullable(getSelectionModel().getSelectedItem());
        getItems().setAll(files);
        Stream.of(chosen, open, files.stream().findFirst()).flatMap(Optional::stream).filter(files::contains)
                .findFirst().ifPresent(file -> {
                    getSelectionModel().select(file);
                    if (chosen.isEmpty()) {
                        scrollTo(Math.max(0, files.indexOf(file) - 1));
                    }
                });
    }

    /** A card has been worked out. */
    void ready(Card card) {
        for (JobCell cell : cells) {
            if (card.job().file().equals(cell.getItem())) {
                cell.show(card);
            }
        }
    }

    /** Chooses another job by so many places. */
    void move(int by) {
        int to = Math.clamp(getSelectionModel().getSelectedIndex() + by, 0,
                Math.max(0, getItems().size() - 1));
        getSelectionModel().select(to);
        scrollTo(Math.max(0, to - 1));
    }

    private final class JobCell extends ListCell<Path> {
        private final Label dots = new Label("…");
        private final CardView view = new CardView(dots);

        JobCell() {
            cells.add(this);
            dots.getStyleClass().add("card-dots");
            dots.setMinWidth(Region.USE_PREF_SIZE);
            dots.setAccessibleText(t("bench.card-menu"));
            dots.setOnMouseClicked(e -> {
                getListView().getSelectionModel().select(getItem());
                menu.show(dots, Side.BOTTOM, 0, 0);
                e.consume();
            });
            setOnMouseClicked(e -> {
                if (!isEmpty() && e.getButton() == MouseButton.PRIMARY) {
                    open.run();
                }
            });
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Path file, boolean empty) {
            super.updateItem(file, empty);
            setText(null);
            if (empty || file == null) {
                setGraphic(null);
                setAccessibleText("");
                return;
            }
            setGraphic(view);
            show(cards.known(file).orElseGet(() -> Card.plain(plain.apply(file))));
            cards.want(file);
        }

        void show(Card card) {
            view.show(card, away.contains(card.job().file().getFileName().toString()));
            setAccessibleText(view.spoken());
        }
    }
}
