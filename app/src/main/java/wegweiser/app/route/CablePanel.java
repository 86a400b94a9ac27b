package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ListKeys;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Session;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.conductors.CableChoice;
import wegweiser.core.make.Article;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.rules.Finding;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;

/** Which cable the plan can lie on: those that would do first, and what speaks against the others. */
final class CablePanel extends VBox {
    private final Session session;
    private final Runnable close;
    private final TextField field = new TextField();
    private final ListView<CableChoice> list = new ListView<>();
    private final VBox about = new VBox(6);
    private final Button take = new Button(t("which-cable.take"));
    private final Background background = new Background();
    private List<CableChoice> all = List.of();
    private Map<String, Double> there = Map.of();

    private record Weighed(List<CableChoice> choices, Map<String, Double> there) {}

    CablePanel(Session session, Runnable close) {
        super(10);
        this.session = session;
        this.close = close;
        setId("which-cable");
        field.setId("which-cable-filter");
        field.setPromptText(t("which-cable.filter"));
        field.textProperty().addListener((_, _, _) -> filter());
        list.setId("which-cable-list");
        list.setPrefSize(400, 360);
        list.setCellFactory(_ -> new Cell());
        list.setPlaceholder(new Label(t("which-cable.weighing")));
        list.getSelectionModel().selectedItemProperty().addListener((_, _, now) -> tell(now));
        ListKeys.join(field, list, this::take);
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() > 1) {
                take();
            }
        });
        take.setId("which-cable-take");
        take.getStyleClass().add("dark");
        take.setDisable(true);
        take.setOnAction(_ -> take());
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        ScrollPane scroll = Panels.scroll(about);
        scroll.setPrefSize(340, 360);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Panels.heading(t("which-cable.title")), Panels.quiet(t("which-cable.hint")),
                field,
                new HBox(14, list, scroll), new HBox(10, take, back));
        setPrefWidth(800);
        Job job = session.job();
        List<CableStock> cables = session.library().allCables();
        background.run(() -> new Weighed(CableChoice.of(job, cables), onShelf()), this::show);
    }

    void begin() {
        field.requestFocus();
    }

    /** Metres on the shelf by the cable's id; a shelf that cannot be read is told on the bench. */
    private Map<String, Double> onShelf() {
        try {
            return session.shelf().read().lines().stream()
                    .filter(l -> l.article().kind() == Article.Kind.CABLE)
                    .collect(Collectors.toMap(l -> l.article().of(), l -> l.amount(), Math::max));
        } catch (IOException | BadFile _) {
            return Map.of();
        }
    }

    private void show(Weighed weighed) {
        there = weighed.there();
        list.setPlaceholder(new Label(t("which-cable.none")));
        // what lies on the shelf comes first among those that would do
        all = weighed.choices().stream().sorted(Comparator.comparing(
                (CableChoice c) -> !(c.fits() && c.against().isEmpty() && there.containsKey(c.cable().id()))))
                .toList();
        filter();
    }

    private void filter() {
        String[] words = field.getText().toLowerCase(Locale.ROOT).strip().split("\\s+");
        list.getItems().setAll(all.stream().filter(c -> Arrays.stream(words)
                .allMatch(c.cable().title().toLowerCase(Locale.ROOT)::contains)).toList());
        list.getSelectionModel().selectFirst();
    }

    private String title(CableChoice choice) {
        return choice.cable().title() + Optional.ofNullable(there.get(choice.cable().id()))
                .map(m -> " · " + t("which-cable.there", Words.number(m))).orElse("");
    }

    private String state(CableChoice choice) {
        if (session.job().links().isEmpty()) {
            // nothing can be said against a cable as long as nobody knows what runs over it
            return t("which-cable.no-plan", choice.cable().conductors().size());
        }
        return choice.fits()
                ? choice.against().isEmpty()
                        ? t("which-cable.fits", choice.spare())
                        : t("which-cable.warned", choice.against().size())
                : choice.against().getFirst().message();
    }

    /** A cable and, in a line below, how well it would do. */
    private final class Cell extends ListCell<CableChoice> {
        @Override
        protected void updateItem(CableChoice choice, boolean empty) {
            super.updateItem(choice, empty);
            setText(null);
            setPrefWidth(0);
            if (empty || choice == null) {
                setGraphic(null);
                return;
            }
            Label name = new Label(title(choice));
            name.getStyleClass().add("card-title");
            Label state = new Label(state(choice));
            state.getStyleClass().add(choice.fits() ? "quiet" : "state-warning");
            setGraphic(new VBox(1, name, state));
        }
    }

    private void tell(CableChoice choice) {
        about.getChildren().clear();
        take.setDisable(choice == null);
        if (choice == null) {
            return;
        }
        CableStock cable = choice.cable();
        Label title = Panels.whole(new Label(cable.title()));
        title.getStyleClass().add("card-title");
        about.getChildren().addAll(title,
                Panels.quiet(t("route.cable", Words.list(cable.conductors()), cable.awg(),
                        Words.number(cable.diameterMm()))));
        if (choice.against().isEmpty()) {
            about.getChildren().add(Panels.whole(new Label(t("which-cable.nothing"))));
        }
        if (choice.fits() && cable.flat() && choice.spare() > 0) {
            about.getChildren().add(Panels.whole(new Label(t("which-cable.peel", choice.spare()))));
        }
        for (Finding f : choice.against()) {
            about.getChildren().addAll(Panels.whole(new Label(f.message())), Panels.quiet(f.remedy()));
        }
        if (!cable.note().isEmpty()) {
            about.getChildren().add(Panels.quiet(cable.note()));
        }
    }

    private void take() {
        CableChoice choice = list.getSelectionModel().getSelectedItem();
        if (choice == null) {
            return;
        }
        CableStock cable = choice.cable();
        Optional<CableStock> own = session.library().alongWith(cable);
        close.run();
        session.edit(j -> Allocation.anew(j.withCable(j.cable().withStock(cable.id(), own))));
    }
}
