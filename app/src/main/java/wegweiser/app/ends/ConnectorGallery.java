package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ConnectorFace;
import wegweiser.app.controls.Panels;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorSearch;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;

/**
 * Chooses a connector by its picture: by words, by kind, by gender. What is chosen is the connector on the cable;
 * a person who looks at the device says so, and gets the connector that fits it.
 */
public final class ConnectorGallery extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int SHOWN = 24;
    private static final int COLUMNS = 4;

    private final TextField field = new TextField();
    private final TilePane cards = new TilePane(8, 8);
    private final Label count = Panels.quiet("");
    private final ToggleButton onCable = new ToggleButton(t("gallery.cable"));
    private final ToggleButton onDevice = new ToggleButton(t("gallery.device"));
    private final Map<String, Node> made = new HashMap<>();
    private final Map<ConnectorKind, ToggleButton> kinds = new java.util.EnumMap<>(ConnectorKind.class);
    private final Catalogue catalogue;
    private final ConnectorSearch search;
    private final Consumer<String> chosen;
    private List<ConnectorType> found = List.of();
    private Optional<ConnectorKind> kind = Optional.empty();
    private int at;

    /**
     * A gallery of a catalogue.
     *
     * @param chosen is given the id of the connector on the cable
     * @param describe opens the form for a connector that is not there
     */
    public ConnectorGallery(Catalogue catalogue, Consumer<String> chosen, Runnable describe) {
        super(10);
        this.catalogue = catalogue;
        this.chosen = chosen;
        this.search = new ConnectorSearch(catalogue.all());
        setId("gallery");
        getStyleClass().add("gallery");
        field.setPromptText(t("ends.search"));
        field.setId("connector-search");
        field.textProperty().addListener((_, _, _) -> filter());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        HBox.setHgrow(field, Priority.ALWAYS);
        ToggleGroup look = new ToggleGroup();
        for (ToggleButton button : List.of(onCable, onDevice)) {
            button.setToggleGroup(look);
            button.getStyleClass().add("side-switch");
            button.setFocusTraversable(false);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(_ -> {
                button.setSelected(true);
                filter();
            });
        }
        onCable.setSelected(true);
        onDevice.setId("gallery-device");
        Label question = new Label(t("gallery.look"));
        question.setMinWidth(Region.USE_PREF_SIZE);
        HBox first = new HBox(10, field, question, new HBox(onCable, onDevice));
        first.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox list = new VBox(2);
        list.getStyleClass().add("gallery-kinds");
        for (ConnectorKind one : ConnectorKind.values()) {
            if (catalogue.all().stream().anyMatch(c -> c.kind() == one)) {
                ToggleButton button = new ToggleButton(
                        t("kind." + one.id()));
                button.getStyleClass().add("kind");
                button.setFocusTraversable(false);
                button.setMaxWidth(Double.MAX_VALUE);
                button.setMinHeight(USE_PREF_SIZE);
                button.setOnAction(_ -> choose(button.isSelected() ? Optional.of(one) : Optional.empty()));
                kinds.put(one, button);
                list.getChildren().add(button);
            }
        }
        Button leads = new Button(t("ends.leads"));
        leads.setId("gallery-leads");
        leads.setOnAction(_ -> chosen.accept(End.LEADS));
        Button own = new Button(t("gallery.own"));
        own.setId("gallery-own");
        own.setOnAction(_ -> describe.run());
        for (Button button : List.of(leads, own)) {
            button.setMaxWidth(Double.MAX_VALUE);
            button.setMinHeight(USE_PREF_SIZE);
            button.setFocusTraversable(false);
        }
        ScrollPane every = Panels.scroll(list);
        VBox.setVgrow(every, Priority.ALWAYS);
        VBox left = new VBox(6, every, leads, own);
        left.getStyleClass().add("gallery-left");
        left.setMinHeight(0);
        cards.setPrefColumns(COLUMNS);
        cards.getStyleClass().add("gallery-cards");
        ScrollPane scroll = Panels.scroll(cards);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox body = new HBox(12, left, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(first, body, count);
        setPrefSize(900, 560);
        filter();
    }

    /** Puts the cursor where one types, after some words. */
    public void begin(String words) {
        field.setText(words);
        field.requestFocus();
        field.end();
    }

    private void choose(Optional<ConnectorKind> newKind) {
        kind = newKind;
        kinds.forEach((k, button) -> button.setSelected(kind.filter(k::equals).isPresent()));
        filter();
        field.requestFocus();
    }

    private void filter() {
        found = search.find(field.getText()).stream().filter(c -> kind.isEmpty() || c.kind() == kind.get())
                .toList();
        List<Node> nodes = new ArrayList<>();
        for (ConnectorType type : found.subList(0, Math.min(SHOWN, found.size()))) {
            nodes.add(made.computeIfAbsent(type.id() + onDevice.isSelected(), _ -> card(type)));
        }
        cards.getChildren().setAll(nodes);
        count.setText(found.isEmpty()
                ? t("gallery.none")
                : found.size() > SHOWN
                        ? t("gallery.more", found.size(), SHOWN)
                        : t("gallery.count", found.size()));
        at = 0;
        mark();
    }

    private void mark() {
        for (int k = 0; k < cards.getChildren().size(); k++) {
            cards.getChildren().get(k).pseudoClassStateChanged(CHOSEN, k == at);
        }
    }

    private void key(KeyEvent e) {
        int last = Math.min(SHOWN, found.size()) - 1;
        int step = switch (e.getCode()) {
            case DOWN -> COLUMNS;
            case UP -> -COLUMNS;
            case RIGHT -> field.getCaretPosition() == field.getLength() ? 1 : 0;
            case LEFT -> field.getCaretPosition() == field.getLength() && at > 0 ? -1 : 0;
            default -> 0;
        };
        if (step != 0 && last >= 0) {
            at = Math.clamp(at + step, 0, last);
            mark();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && last >= 0) {
            take(found.get(at));
            e.consume();
        }
    }

    private Node card(ConnectorType type) {
        ConnectorFace face = new ConnectorFace();
        face.setMinSize(170, 64);
        face.setPrefSize(170, 64);
        face.setMaxSize(170, 64);
        face.setMouseTransparent(true);
        face.show(Optional.of(type), Side.MATING, FaceDrawing.Marks.NONE);
        Label title = new Label(type.title());
        title.setWrapText(true);
        title.getStyleClass().add("gallery-title");
        VBox card = new VBox(3, face, title);
        if (type.gender() != Gender.NONE) {
            String other = t("gender." + type.gender().opposite().id());
            card.getChildren().add(Panels.quiet(onDevice.isSelected()
                    ? t("gallery.cable-has", other)
                    : t("gallery.device-has", other)));
        }
        card.getStyleClass().addAll("card", "gallery-card");
        card.setId("card-" + type.id());
        card.setOnMouseClicked(_ -> take(type));
        return card;
    }

    private void take(ConnectorType type) {
        boolean turn = onDevice.isSelected() && type.gender() != Gender.NONE;
        chosen.accept(turn
                ? catalogue.find(type.family() + "-" + type.gender().opposite().id()).map(ConnectorType::id)
                        .orElse(type.id())
                : type.id());
    }
}
