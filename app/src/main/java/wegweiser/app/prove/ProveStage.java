package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.FacingChoice;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PegModel;
import wegweiser.app.controls.PegModels;
import wegweiser.app.controls.Pegboard;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.CountingOff;
import wegweiser.app.stage.DockWork;
import wegweiser.app.stage.Notices.Notice;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Repaired;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Testing;
import wegweiser.core.route.NoWay;
import wegweiser.core.rules.Mains;
import wegweiser.core.words.Words;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;

/** Proves a finished cable: the most dangerous tests first, the verdict, and on failure what is wrong. */
public final class ProveStage implements StageView {
    private final Session session;
    private final Choices choices;
    private final Runnable recordedNow;
    private final Background background = new Background();
    private final FaultPicture picture = new FaultPicture();
    private final FaultList likely = new FaultList();
    private final Pegboard board = new Pegboard();
    private final FacingChoice facing;
    private final Label axes = Panels.quiet("");
    private final Label banner = new Label();
    private final Label cellWords = Panels.quiet("");
    private final SurePanel panel;
    private final DockWork work;
    private final VBox hint;
    private final VBox refused;
    private final VBox view;
    private final Label where = Panels.heading("");
    private final Label legend = Panels.quiet("");
    private final Label side = Panels.quiet("");
    private final BooleanProperty pegsShown = new SimpleBooleanProperty(false);
    private Optional<String> recorded = Optional.empty();
    private Optional<Explanation> story = Optional.empty();

    /** @param recordedNow run after a unit was recorded */
    public ProveStage(Session session, Choices choices, Consumer<StageId> go, Runnable recordedNow) {
        this.session = session;
        this.recordedNow = recordedNow;
        this.choices = choices;
        this.facing = new FacingChoice(choices.facingProperty());
        this.panel = new SurePanel(choices, this::record, this::nextUnit, this::repaired);
        banner.getStyleClass().add("banner");
        banner.setMaxWidth(Double.MAX_VALUE);
        banner.setId("banner");
        banner.setWrapText(true);
        hint = Panels.hint(t("empty.plan"), t("empty.go-route"), () -> go.accept(StageId.ROUTE));
        VBox middle = Panels.sheet(Panels.titleLine(where, side, facing), picture,
                likely,
                legend);
        VBox.setVgrow(picture, Priority.ALWAYS);
        VBox pegs = Panels.sheet(Panels.titleLine(Panels.heading(t("prove.board")), axes), board, cellWords,
                ProveLegend.create());
        VBox.setVgrow(board, Priority.ALWAYS);
        pegs.visibleProperty().bind(pegsShown);
        middle.visibleProperty().bind(pegsShown.not());
        StackPane shown = new StackPane(middle, pegs);
        HBox.setHgrow(shown, Priority.ALWAYS);
        // the column at the side keeps its width while there is room for a picture
        shown.setPrefWidth(700);
        HBox row = new HBox(12, shown, Panels.side(panel));
        refused = Panels.hint(t("prove.refused"), t("empty.go-ends"), () -> go.accept(StageId.ENDS));
        refused.setVisible(false);
        // what is shown before anything was worked out must not say that nothing is planned
        hint.setVisible(false);
        row.visibleProperty().bind(hint.visibleProperty().or(refused.visibleProperty()).not());
        StackPane place = new StackPane(row, hint, refused);
        VBox.setVgrow(place, Priority.ALWAYS);
        view = new VBox(12, banner, place);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        side.setText(t("prove.side", picture.sideWords()));
        board.selectionProperty().addListener(_ -> cellWords.setText(board.words()));
        work = new DockWork(session, choices, () -> show(session.job()));
        choices.fixtureProperty().addListener(_ -> view.requestFocus());
        choices.enoughProperty().addListener(_ -> show(session.job()));
        choices.facingProperty().addListener(_ -> show(session.job()));
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.of(work.dock());
    }

    @Override
    public void show(Job job) {
        boolean simulated = work.isSimulated();
        Testing testing = choices.testing();
        Derived derived = session.derived(job);
        background.run(() -> Proving.of(derived, testing, simulated, session.recorded(job)), this::show,
                () -> {
                    banner.getStyleClass().removeAll("safe", "failed");
                    banner.setText(t("banner.unknown"));
                    panel.showNothing();
                    board.setModel(PegModel.EMPTY);
                    work.show(job, Optional.empty(), Optional.empty(), t("banner.unknown"));
                });
    }

    private void show(Proving p) {
        Job job = p.derived().job();
        boolean mains = Mains.isIn(session.derived(job));
        refused.setVisible(mains);
        hint.setVisible(job.links().isEmpty() && !mains);
        Optional<Touch> touch = p.next().map(DockWork.Asked::touch);
        Facing two = Facing.of(job, choices.facingProperty().get(), touch);
        facing.show(job);
        axes.setText(two.rows().isEmpty() ? "" : t("trace.board.hint", two.rows(), two.columns()));
        board.setModel(PegModels.proved(job, two, p.derived().evidence(), touch));
        List<Terminal> lit = new ArrayList<>();
        p.next().ifPresent(n -> {
            lit.addAll(n.touch().red());
            lit.addAll(n.touch().black());
        });
        p.sure().verdict().faults().forEach(f -> lit.addAll(f.terminals()));
        boolean failed = p.sure().standing() == Sure.Standing.FAIL;
        where.setText(t(failed ? "prove.where.failed" : "prove.where"));
        legend.setText(t(failed ? "prove.where.failed-legend" : "prove.where.legend"));
        picture.show(job, two, lit, p.chances());
        likely.show(p.chances());
        banner(p);
        recorded = p.recorded();
        story = p.explanations().stream().findFirst().filter(Explanation::isWhole);
        panel.show(p);
        work.show(job, p.next(), p.simulated(), mains
                ? Mains.remedy()
                : job.links().isEmpty()
                        ? t("prove.no-plan", StageId.ROUTE.shown())
                        : p.recorded().map(l -> t("prove.done.recorded", l)).orElseGet(() -> done(p)));
        cellWords.setText(board.words());
    }

    private static String done(Proving p) {
        String done = t("prove.done." + p.sure().id());
        return p.derived().job().readings().stream().allMatch(r -> r.touch().isSingle())
                ? done
                : done + " " + t("prove.bridges-off");
    }

    private void banner(Proving p) {
        Sure sure = p.sure();
        banner.getStyleClass().removeAll("safe", "failed");
        if (refused.isVisible()) {
            banner.getStyleClass().add("failed");
            banner.setText(NoWay.because(session.derived(p.derived().job())).getFirst());
            return;
        }
        switch (sure.standing()) {
            case PASS, TESTED -> banner.getStyleClass().add("safe");
            case FAIL -> banner.getStyleClass().add("failed");
            case INCOMPLETE -> {
            }
        }
        String left = sure.standing() != Sure.Standing.INCOMPLETE || p.touchesLeft() == 0
                ? ""
                : " " + t(p.isFarAhead() ? "banner.far" : "banner.left",
                        Words.say("touches", p.touchesLeft()),
                        t("enough.word." + choices.enoughProperty().get().id()));
        banner.setText(t("banner." + sure.id(), sure.words()) + left);
    }

    private void flip() {
        picture.flip();
        side.setText(t("prove.side", picture.sideWords()));
    }

    /** Begins with the next unit of the same plan: the readings of this one are set aside. */
    private void nextUnit() {
        session.edit(j -> j.withReadingsSetAside(SetAside.OTHER_UNIT));
    }

    /** Goes on with the cable once it was put right: a simulated one is put right with it. */
    private void repaired() {
        story.ifPresent(told -> session.edit(j -> {
            Job after = Repaired.of(Derived.of(j), told);
            return j.simulation().map(s -> after.withSimulation(s.repaired())).orElse(after);
        }));
    }

    /** Records the unit in the logbook, once, whatever its verdict; the verdict is recorded with it. */
    public void record() {
        Job job = session.job();
        if (recorded.isPresent()) {
            session.notices().say(t("prove.already", recorded.get()));
            return;
        }
        if (job.links().isEmpty() || job.readings().isEmpty()) {
            session.notices().say(t("prove.nothing-to-record"));
            return;
        }
        Testing testing = choices.testing();
        Path file = session.file().orElseThrow();
        Background.errand(() -> {
            try (Logbook log = Logbook.open(session.workshop().logbook())) {
                // another window may have been faster
                Optional<String> before = log.recorded(job);
                if (before.isPresent()) {
                    return Notice.of(t("prove.already", before.get()));
                }
                Unit unit = log.add(job, testing, Instant.now().truncatedTo(ChronoUnit.SECONDS).toString());
                String said = t(job.cable().label().isPresent() ? "prove.recorded-page" : "prove.recorded",
                        unit.label());
                // what was only tested here was not made of what lies on the shelf
                return job.done().isEmpty()
                        ? Notice.of(said)
                        : new CountingOff(session, () -> {}).off(file, job, said, "");
            } catch (IOException e) {
                return Notice.warning(t("prove.not-recorded", e.getMessage()));
            }
        }, said -> {
            session.unitLogged();
            session.notices().show(said);
            recordedNow.run();
        });
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(work.actions());
        all.add(Action.of("record", Keys.plain(KeyCode.R), this::record));
        all.add(Action.of("next-unit", List.of(), this::nextUnit)
                .when(() -> !session.job().links().isEmpty() && !session.job().readings().isEmpty()));
        all.add(Action.of("repaired", List.of(), this::repaired).when(() -> story.isPresent()));
        all.add(Action.of("flip", Keys.plain(KeyCode.F), this::flip));
        all.add(Action.of("pegs", Keys.plain(KeyCode.P), () -> pegsShown.set(!pegsShown.get())));
        all.add(board.move());
        return all;
    }
}
