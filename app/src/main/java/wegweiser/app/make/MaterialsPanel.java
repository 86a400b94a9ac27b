package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SchoolChoice;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.CountingOff;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.ShelfWords;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Materials;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;
import wegweiser.core.shelf.Cover;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.words.Words;
import wegweiser.files.workshop.ShelfFile;

/** What to lay out: how long to cut, which parts, what of them lies on the shelf, and what the cable will measure. */
final class MaterialsPanel extends VBox {
    private static final PseudoClass LOW = PseudoClass.getPseudoClass("low");

    private final Session session;
    private final Overlay overlay;
    private final Runnable changed;

    /** What there is to show. */
    record Laid(Job job, Optional<CutList> cuts, List<Materials.Item> parts, List<Materials.Figure> figures,
            OnShelf shelf) {
        static Laid of(Path file, Job job, ShelfFile shelf) {
            return new Laid(job, CutList.of(job), Materials.parts(job), Materials.electrical(job),
                    OnShelf.of(file, job, shelf));
        }
    }

    /** @param changed run when the shelf was changed from here */
    MaterialsPanel(Session session, Overlay overlay, Runnable changed) {
        super(3);
        this.session = session;
        this.overlay = overlay;
        this.changed = changed;
        getStyleClass().add("sheet");
    }

    void show(Laid s) {
        getChildren().clear();
        getChildren().add(Panels.heading(t("make.bench")));
        s.cuts().ifPresentOrElse(cut -> {
            group(t("make.cut"));
            cut.items().forEach(i -> figure(i.words(), metres(i.mm())));
            getChildren().add(Panels.rule());
            figure(t("make.cut-at"), metres(cut.totalMm()));
            s.shelf().cable().filter(_ -> s.shelf().isKept()).ifPresent(c -> piece(s.shelf(), c));
        }, () -> getChildren()
                .add(Panels.quiet(t(s.job().kept().isEmpty() ? "make.no-length" : "make.cable-there"))));
        getChildren().add(new LengthEditor(session, overlay, s.job()));
        terminations(s.job());
        if (!s.figures().isEmpty()) {
            group(t("make.electrical"));
            s.figures().forEach(f -> figure(f.words(), f.value()));
        }
        if (!s.parts().isEmpty()) {
            group(t("make.parts"));
            s.parts().forEach(p -> part(p, s.shelf()));
        }
        if (s.shelf().isKept() && !s.shelf().covers().isEmpty()) {
            take(s);
        }
    }

    /** From which piece the cable is cut, or that there is none. */
    private void piece(OnShelf shelf, Cover cover) {
        if (cover.isMet()) {
            ShelfLine line = shelf.shelf().lines().get(cover.lines().getFirst());
            getChildren().add(Panels.whole(Panels.quiet(t("make.shelf.piece", line.title(),
                    ShelfWords.amount(line.article(), line.amount()),
                    ShelfWords.amount(line.article(), line.amount() - cover.need().amount())))));
        } else if (!shelf.taken()) {
            Label none = new Label(cover.there() > 0
                    ? t("make.shelf.short", ShelfWords.amount(cover.need().article(), cover.there()))
                    : t("make.shelf.no-piece"));
            none.getStyleClass().add("shelf-missing");
            getChildren().add(Panels.whole(none));
        }
    }

    private void part(Materials.Item part, OnShelf shelf) {
        Label count = figure(part.words(), String.valueOf(part.count()));
        shelf.cover(part.article()).filter(_ -> shelf.isKept() && !shelf.taken()).ifPresent(cover -> {
            count.setText(t(cover.isMet() ? "make.shelf.there" : "make.shelf.few", part.count(),
                    (long) cover.there()));
            count.pseudoClassStateChanged(LOW, !cover.isMet());
        });
    }

    private void take(Laid s) {
        if (s.shelf().taken()) {
            getChildren().add(Panels.quiet(t("make.shelf.taken")));
            return;
        }
        Button take = new Button(t("do.shelf-take"));
        take.setId("shelf-take");
        take.setWrapText(true);
        take.setMinHeight(USE_PREF_SIZE);
        take.setMaxWidth(Double.MAX_VALUE);
        take.setOnAction(_ -> take(s.job()));
        getChildren().add(take);
    }

    private void take(Job job) {
        Path file = session.file().orElseThrow();
        Background.errand(
                () -> new CountingOff(session, changed).off(file, job, "", t("shelf.nothing-there")),
                notice -> {
                    session.notices().show(notice);
                    changed.run();
                });
    }

    /** How wires are joined at each end, where its connector leaves a choice. */
    private void terminations(Job job) {
        for (End end : job.ends()) {
            ConnectorType type = Catalogue.of(job).of(end).filter(c -> c.methods().size() > 1).orElse(null);
            if (type == null) {
                continue;
            }
            ComboBox<Termination> ways = new ComboBox<>();
            ways.getItems().setAll(type.methods());
            ways.setConverter(new Worded<>(w -> t("termination." + w.id())));
            ways.setValue(type.termination());
            ways.setId("termination-" + end.name());
            ways.setMaxWidth(Double.MAX_VALUE);
            ways.setOnAction(_ -> session.edit(j -> j.withEnd(end.name(),
                    e -> e.withTermination(Optional.of(ways.getValue().id())))));
            getChildren().addAll(Panels.quiet(t("make.termination", end.name())), ways);
        }
        if (job.ends().stream().anyMatch(e -> Catalogue.of(job).of(e)
                .filter(c -> c.termination() == Termination.SOLDER_CUP).isPresent())) {
            SchoolChoice<Schools.Cups> cups = new SchoolChoice<>("cups", Schools.Cups.values(),
                    way -> session.edit(j -> j.withSchools(j.schools().withCups(way))));
            cups.show(job.schools().cups().orElse(Schools.Cups.FILL));
            cups.setMaxWidth(Double.MAX_VALUE);
            getChildren().addAll(Panels.quiet(t("school.cups")), cups);
        }
    }

    private static String metres(double mm) {
        return Words.fixed(mm / 1000, 2) + " m";
    }

    private void group(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("group");
        getChildren().add(label);
    }

    private Label figure(String words, String value) {
        Label figure = new Label(value);
        figure.getStyleClass().add("figure");
        figure.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        Label label = new Label(words);
        label.setWrapText(true);
        getChildren().add(Panels.line(label, figure));
        return figure;
    }
}
