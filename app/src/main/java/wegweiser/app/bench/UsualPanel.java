package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ConnectorFace;
import wegweiser.app.controls.ListKeys;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.WholeLine;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.usual.UsualCable;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.OwnUsual;

/** Cables that others build too, and a person's own: what each is, what goes wrong with it, what to ask first. */
final class UsualPanel extends VBox {
    private final TextField field = new TextField();
    private final ListView<Offer> list = new ListView<>();
    private final VBox details = new VBox(8);
    private final Button start = new Button(t("usual.start"));
    private final Consumer<Job> begin;
    private final List<Offer> all = new ArrayList<>();

    /** One that can be started from. */
    private record Offer(String id, String title, String words, Optional<UsualCable> usual,
            Supplier<Job> job) {
        @Override
        public String toString() {
            return title;
        }
    }

    UsualPanel(List<OwnUsual.Kept> own, Consumer<Job> begin, Runnable close) {
        super(10);
        this.begin = begin;
        setId("usual");
        own.forEach(k -> all
                .add(new Offer(k.file().toString(), k.job().title(), k.job().title() + " " + t("usual.own"),
                        Optional.empty(), k::job)));
        for (UsualCable cable : UsualCable.all()) {
            all.add(new Offer(cable.id(), cable.title(),
                    String.join(" ", cable.title(), t("usual.kind." + cable.kind().id()), cable.pitfalls(),
                            cable.ends().get(0).device(), cable.ends().get(1).device()),
                    Optional.of(cable), cable::job));
        }
        field.setId("usual-search");
        field.setPromptText(t("usual.search"));
        field.textProperty().addListener(_ -> filter());
        ListKeys.join(field, list, this::take);
        list.setId("usual-list");
        list.setFocusTraversable(false);
        list.getStyleClass().add("titles");
        list.setCellFactory(_ -> new WholeLine<>());
        list.setPrefSize(300, 400);
        list.setMinWidth(260);
        list.getSelectionModel().selectedItemProperty().addListener((_, _, offer) -> show(offer));
        start.setId("usual-start");
        start.getStyleClass().add("dark");
        start.setOnAction(_ -> take());
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        ScrollPane scroll = Panels.scroll(details);
        scroll.setPrefSize(420, 400);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox body = new HBox(16, list, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(Panels.heading(t("bench.usual")), field, body, new HBox(10, start, back));
        setPrefSize(780, 540);
        filter();
    }

    /** Puts the cursor into the field, with one of them chosen. */
    void begin(String id) {
        all.stream().filter(o -> o.id().equals(id)).findFirst().ifPresent(o -> {
            list.getSelectionModel().select(o);
            list.scrollTo(Math.max(0, all.indexOf(o) - 3));
        });
        field.requestFocus();
    }

    private void filter() {
        String[] words = field.getText().toLowerCase(Locale.ROOT).strip().split("\\s+");
        list.getItems().setAll(all.stream().filter(o -> List.of(words).stream()
                .allMatch(w -> o.words().toLowerCase(Locale.ROOT).contains(w))).toList());
        list.getSelectionModel().selectFirst();
        if (list.getItems().isEmpty()) {
            show(null);
        }
    }

    private void take() {
        Offer offer = list.getSelectionModel().getSelectedItem();
        if (offer != null) {
            begin.accept(offer.job().get());
        }
    }

    private void show(Offer offer) {
        details.getChildren().clear();
        start.setDisable(offer == null);
        if (offer == null) {
            details.getChildren().add(Panels.quiet(t("usual.none")));
            return;
        }
        Label title = new Label(offer.title());
        title.getStyleClass().add("heading");
        details.getChildren().add(Panels.whole(title));
        offer.usual().ifPresentOrElse(this::describe,
                () -> details.getChildren().add(Panels.quiet(t("usual.own"))));
    }

    private void describe(UsualCable cable) {
        HBox faces = new HBox(14);
        for (End end : cable.ends()) {
            Optional<ConnectorType> type = Catalogue.standard().of(end);
            ConnectorFace face = new ConnectorFace();
            face.setMinSize(150, 78);
            face.setPrefSize(190, 78);
            face.setMaxSize(190, 78);
            face.show(type, Side.MATING, FaceDrawing.Marks.NONE);
            faces.getChildren().add(new VBox(2, face, Panels.quiet(end.device()),
                    Panels.quiet(type.map(ConnectorType::title).orElse(t("ends.leads")))));
        }
        Label pitfalls = new Label(cable.pitfalls());
        details.getChildren().addAll(faces,
                Panels.quiet(t("usual.cable", Cables.find(cable.cable().stock().orElseThrow())
                        .orElseThrow().title(), Words.number(cable.cable().lengthMm().orElseThrow() / 1000))),
                Panels.whole(pitfalls));
        Label ask = new Label(t("usual.ask"));
        ask.getStyleClass().add("group");
        details.getChildren().add(ask);
        cable.ask().forEach(q -> details.getChildren().add(Panels.whole(new Label(t("usual.question", q)))));
    }
}
