package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SchoolChoice;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.CableForm;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Cables;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.make.Article;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Laid;
import wegweiser.core.model.Leg;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.readings.WayList;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;

/** Which cable, and how long a way it takes. */
final class LengthEditor extends VBox {
    LengthEditor(Session session, Overlay overlay, Job job) {
        super(4);
        ComboBox<String> stock = new ComboBox<>();
        stock.setId("cable-stock");
        stock.getItems().setAll(session.library().allCables().stream().map(CableStock::title).toList());
        Cables.of(job).ifPresent(c -> stock.setValue(c.title()));
        stock.setMaxWidth(Double.MAX_VALUE);
        stock.setOnAction(
                _ -> session.library().allCables().stream().filter(c -> c.title().equals(stock.getValue()))
                        .findFirst()
                        .ifPresent(c -> session.edit(j -> Allocation.anew(j.withCable(
                                j.cable().withStock(c.id(), session.library().alongWith(c)))))));
        TextField length = new TextField(lengthWords(job));
        length.setId("cable-length");
        length.setPrefColumnCount(5);
        Label error = new Label();
        error.getStyleClass().add("field-error");
        error.managedProperty().bind(error.textProperty().isNotEmpty());
        length.setOnAction(_ -> {
            Optional<Double> metres = metresTyped(length.getText());
            error.setText(metres.isPresent() ? "" : t("make.length.error", length.getText()));
            metres.ifPresent(m -> session.edit(j -> j.withCable(j.cable().withLengthMm(1000 * m))));
        });
        Button another = new Button(t("make.piece"));
        another.setId("cable-piece");
        another.setOnAction(_ -> {
            CableForm form = new CableForm(session, piece -> {
                overlay.down();
                CableStock cable = piece.cable();
                onShelf(session, piece);
                session.edit(
                        j -> Allocation
                                .anew(j.withCable(j.cable().withStock(cable.id(), Optional.of(cable)))));
            }, overlay::down);
            overlay.up(form);
            form.begin();
        });
        Button along = new Button(t("make.along"));
        along.setId("cable-way");
        along.setOnAction(_ -> {
            LinesPanel<Leg> panel = new LinesPanel<>(
                    new LinesPanel.Kind<>("way", text -> WayList.read(text, session.job()),
                            line -> words(line.value().orElseThrow()),
                            legs -> session.edit(j -> j.withCable(j.cable().withWay(legs))),
                            () -> WayList.of(session.job().cable().way()), "way.txt"),
                    WayList.of(session.job().cable().way()),
                    overlay::down);
            overlay.up(panel);
            panel.begin();
        });
        Button branches = new Button(t("make.branches"));
        branches.setId("cable-loom");
        branches.setOnAction(_ -> {
            LoomPanel panel = new LoomPanel(session, overlay::down);
            overlay.up(panel);
            panel.begin();
        });
        boolean loom = !job.cable().loom().runs().isEmpty();
        // the runs say how long it is
        length.setDisable(loom);
        along.setDisable(loom);
        SchoolChoice<Laid> laid = new SchoolChoice<>("laid", Laid.values(),
                how -> session.edit(j -> j.withCable(j.cable().withLaid(how))));
        laid.show(job.cable().lies());
        laid.setMaxWidth(Double.MAX_VALUE);
        Label way = Panels.quiet(t("make.way"));
        way.setLabelFor(length);
        Label unit = new Label("m");
        unit.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(8, length, unit, laid);
        HBox.setHgrow(laid, Priority.ALWAYS);
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(stock, another, Panels.whole(way), line, error,
                new FlowPane(6, 4, along, branches));
    }

    /** A stretch as it was understood. */
    private static String words(Leg leg) {
        String at = leg.at() == Leg.At.POINT ? "" : t("way.at." + leg.at().id());
        String said = t("way.leg", Words.fixed(leg.mm() / 1000, 2), String.join(" ", at, leg.to()).strip());
        return leg.branch().map(b -> t("way.branch", b, said)).orElse(said);
    }

    /** A piece of which it is known how long it is lies on the shelf from now on. */
    private static void onShelf(Session session, CableForm.Piece piece) {
        if (piece.metres() <= 0) {
            return;
        }
        ShelfLine line = ShelfLine.of(new Article(Article.Kind.CABLE, piece.cable().id()),
                piece.cable().title(), piece.metres());
        Background.errand(() -> {
            try {
                session.shelf().change(s -> s.with(line));
                return "";
            } catch (BadFile e) {
                return e.getMessage();
            } catch (IOException e) {
                return Session.reason(e);
            }
        }, trouble -> session.notices().warn(trouble));
    }

    /** A length in metres as it was typed; empty where it is none that a cable can have. */
    private static Optional<Double> metresTyped(String text) {
        try {
            double metres = Quantity.parse(text, Unit.METRE);
            return metres > 0 && metres < 1000 ? Optional.of(metres) : Optional.empty();
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    /** The length in metres as the field shows it; nothing where it is not known yet. */
    static String lengthWords(Job job) {
        return job.cable().lengthMm().isPresent()
                ? Words.number(job.cable().lengthMm().getAsDouble() / 1000)
                : "";
    }
}
