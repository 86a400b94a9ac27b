package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.SchoolChoice;
import wegweiser.app.controls.TableFile;
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
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;
import wegweiser.core.shelf.Cover;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.sizing.SizingLine;
import wegweiser.core.words.Words;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.sheet.PartsCsv;
import wegweiser.files.sheet.PartsText;
import wegweiser.files.workshop.ShelfFile;

/** What to lay out: how long to cut, which parts, what of them lies on the shelf, and what the cable will measure. */
final class MaterialsPanel extends VBox {
    private static final PseudoClass LOW = PseudoClass.getPseudoClass("low");

    private final Session session;
    private final Overlay overlay;
    private final Runnable changed;
    private final VBox upper = new VBox(3);
    private final StackPane editor = new StackPane();
    private final VBox lower = new VBox(3);
    /** What is being filled. */
    private VBox filled = upper;
    /** What the editor shows; while that stays, so does what is being typed there. */
    private List<?> editedFor = List.of();

    /** What there is to show. */
    record Laid(Job job, Optional<CutList> cuts, List<Materials.Item> parts, List<SizingLine> figures,
            OnShelf shelf) {
        static Laid of(Path file, Job job, ShelfFile shelf) {
            return new Laid(job, CutList.of(job), Materials.parts(job), Sizing.of(job),
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
        getChildren().addAll(upper, editor, lower);
    }

    void show(Laid s) {
        filled = upper;
        upper.getChildren().clear();
        lower.getChildren().clear();
        filled.getChildren().add(Panels.heading(t("make.bench")));
        s.cuts().ifPresentOrElse(cut -> {
            group(t("make.cut"));
            cut.items().forEach(i -> figure(i.words(), metres(i.mm())));
            filled.getChildren().add(Panels.rule());
            figure(t("make.cut-at"), metres(cut.totalMm()));
            s.shelf().cable().filter(_ -> s.shelf().isKept()).ifPresent(c -> piece(s.shelf(), c));
        }, () -> filled.getChildren()
                .add(Panels.quiet(t(s.job().kept().isEmpty() ? "make.no-length" : "make.cable-there"))));
        List<?> wanted = List.of(s.job().cable(), s.job().ends(), session.library().allCables(),
                LengthEditor.lengthWords(s.job()));
        if (!wanted.equals(editedFor)) {
            editedFor = wanted;
            editor.getChildren().setAll(new LengthEditor(session, overlay, s.job()));
        }
        filled = lower;
        terminations(s.job());
        if (!s.figures().isEmpty()) {
            group(t("make.electrical"));
            s.figures().forEach(this::sized);
        }
        if (!s.parts().isEmpty()) {
            group(t("make.parts"));
            s.parts().forEach(p -> part(p, s.shelf()));
            Button csv = new Button(t("make.parts.csv"));
            csv.setId("parts-csv");
            csv.getStyleClass().add("text-link");
            csv.setOnAction(_ -> TableFile.toWrite(getScene().getWindow(), "parts.csv")
                    .ifPresent(file -> write(s.parts(), file)));
            Button copy = new Button(t("make.parts.copy"));
            copy.setId("parts-copy");
            copy.getStyleClass().add("text-link");
            copy.setOnAction(_ -> copy(s.parts()));
            filled.getChildren().addAll(csv, copy);
        }
        if (s.shelf().isKept() && !s.shelf().covers().isEmpty()) {
            take(s);
        }
    }

    private void write(List<Materials.Item> parts, Path file) {
        Background.errand(() -> {
            try {
                AtomicFile.write(file, PartsCsv.of(parts).getBytes(StandardCharsets.UTF_8));
                return t("notice.exported", file);
            } catch (IOException e) {
                return t("notice.not-exported", Session.reason(e));
            }
        }, session.notices()::say);
    }

    private void copy(List<Materials.Item> parts) {
        ClipboardContent content = new ClipboardContent();
        content.putString(PartsText.of(parts));
        Clipboard.getSystemClipboard().setContent(content);
        session.notices().say(t("make.parts.copied"));
    }

    /** A figure against its limit; beyond it, what would do. */
    private void sized(SizingLine line) {
        Label figure = figure(line.words(), line.figure());
        figure.setTooltip(new Tooltip(line.formula()));
        if (!line.isKept()) {
            figure.pseudoClassStateChanged(LOW, true);
            Label remedy = new Label(line.remedy());
            remedy.getStyleClass().add("shelf-missing");
            filled.getChildren().add(Panels.whole(remedy));
        }
    }

    /** From which piece the cable is cut, or that there is none. */
    private void piece(OnShelf shelf, Cover cover) {
        if (cover.isMet()) {
            ShelfLine line = shelf.shelf().lines().get(cover.lines().getFirst());
            filled.getChildren().add(Panels.whole(Panels.quiet(t("make.shelf.piece", line.title(),
                    ShelfWords.amount(line.article(), line.amount()),
                    ShelfWords.amount(line.article(), line.amount() - cover.need().amount())))));
        } else if (!shelf.taken()) {
            Label none = new Label(cover.there() > 0
                    ? t("make.shelf.short", ShelfWords.amount(cover.need().article(), cover.there()))
                    : t("make.shelf.no-piece"));
            none.getStyleClass().add("shelf-missing");
            filled.getChildren().add(Panels.whole(none));
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
            filled.getChildren().add(Panels.quiet(t("make.shelf.taken")));
            return;
        }
        Button take = new Button(t("do.shelf-take"));
        take.setId("shelf-take");
        take.setWrapText(true);
        take.setMinHeight(USE_PREF_SIZE);
        take.setMaxWidth(Double.MAX_VALUE);
        take.setOnAction(_ -> take(s.job()));
        filled.getChildren().add(take);
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
            ConnectorType type = Catalogue.of(job).of(end).filter(c -> c.methods().size() > 1)
                    .filter(_ -> !job.keeps(end.name())).orElse(null);
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
            filled.getChildren().addAll(Panels.quiet(t("make.termination", end.name())), ways);
        }
        built(job);
        if (joined(job, Termination.SOLDER_CUP, Termination.POTTED)) {
            school(new SchoolChoice<>("cups", Schools.Cups.values(),
                    way -> session.edit(j -> j.withSchools(j.schools().withCups(way)))), "cups",
                    job.schools().cups().orElse(Schools.Cups.FILL));
        }
        if (joined(job, Termination.CRIMP)) {
            school(new SchoolChoice<>("crimp", Schools.Crimp.values(),
                    way -> session.edit(j -> j.withSchools(j.schools().withCrimp(way)))), "crimp",
                    job.schools().crimp().orElse(Schools.Crimp.RATCHET));
        }
        if (joined(job, Termination.SPLICE)) {
            school(new SchoolChoice<>("splices", Schools.Splices.values(),
                    way -> session.edit(j -> j.withSchools(j.schools().withSplices(way)))), "splices",
                    job.schools().splices().orElse(Schools.Splices.SLEEVED));
        }
        boolean castSplices = joined(job, Termination.SPLICE)
                && job.schools().splices().filter(s -> s == Schools.Splices.CAST).isPresent();
        if (castSplices || joined(job, Termination.POTTED)) {
            school(new SchoolChoice<>("resin", Schools.Resin.values(),
                    way -> session.edit(j -> j.withSchools(j.schools().withResin(way)))), "resin",
                    job.schools().resin().orElse(Schools.Resin.QUICK));
        }
    }

    /** Where an end is a part of a panel, or its housing is filled. */
    private void built(Job job) {
        for (End end : job.ends()) {
            ConnectorType type = Catalogue.of(job).of(end)
                    .filter(c -> c.kind().isHoused() && !job.keeps(end.name())).orElse(null);
            if (type == null) {
                continue;
            }
            if (!type.kind().fittings().isEmpty()) {
                filled.getChildren()
                        .add(ticked("panel-" + end.name(), t("make.panel", end.name()), end.panel(),
                                on -> session.edit(j -> j.withEnd(end.name(), e -> e.withPanel(on)))));
            }
            if (type.termination() != Termination.POTTED && type.termination() != Termination.SPLICE) {
                filled.getChildren()
                        .add(ticked("resin-" + end.name(), t("make.resin", end.name()), end.resin(),
                                on -> session.edit(j -> j.withEnd(end.name(), e -> e.withResin(on)))));
            }
        }
    }

    private static CheckBox ticked(String id, String words, boolean on, Consumer<Boolean> told) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setSelected(on);
        box.setWrapText(true);
        box.setOnAction(_ -> told.accept(box.isSelected()));
        return box;
    }

    private static boolean joined(Job job, Termination... ways) {
        return job.ends().stream().anyMatch(e -> Catalogue.of(job).of(e)
                .filter(c -> List.of(ways).contains(c.termination())).isPresent());
    }

    private <E extends Enum<E> & HasId> void school(SchoolChoice<E> choice, String name, E holds) {
        choice.show(holds);
        choice.setMaxWidth(Double.MAX_VALUE);
        filled.getChildren().addAll(Panels.quiet(t("school." + name)), choice);
    }

    private static String metres(double mm) {
        return Words.fixed(mm / 1000, 2) + " m";
    }

    private void group(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("group");
        filled.getChildren().add(label);
    }

    private Label figure(String words, String value) {
        Label figure = new Label(value);
        figure.getStyleClass().add("figure");
        figure.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        Label label = new Label(words);
        label.setWrapText(true);
        filled.getChildren().add(Panels.line(label, figure));
        return figure;
    }
}
