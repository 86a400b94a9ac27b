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
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.Faces;
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
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.route.NoWay;
import wegweiser.core.rules.Mains;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;

/** Proves a finished cable: the most dangerous tests first, the verdict, and on failure what is wrong. */
public final class ProveStage implements StageView {
    private final Session session;
    private final Choices choices;
    private final Runnable recordedNow;
    private final Background background = new Background();
    private final Faces faces = new Faces();
    private final Pegboard board = new Pegboard();
    private final FacingChoice facing;
    private final Label axes = Panels.quiet("");
    private final Label banner = new Label();
    private final Label cellWords = Panels.quiet("");
    private final VerdictPanel panel;
    private final DockWork work;
    private final VBox hint;
    private final VBox refused;
    private final VBox view;
    private Optional<String> recorded = Optional.empty();

    private record Shown(Job job, Evidence evidence, Verdict verdict, List<Explanation> explanations,
            Optional<DockWork.Asked> next,
            Optional<Outcome> simulated, Optional<String> recorded) {}

    /** @param recordedNow run after a unit was recorded */
    public ProveStage(Session session, Choices choices, Consumer<StageId> go, Runnable recordedNow) {
        this.session = session;
        this.recordedNow = recordedNow;
        this.choices = choices;
        this.facing = new FacingChoice(choices.facingProperty());
        this.panel = new VerdictPanel(choices, this::record, this::nextUnit);
        banner.getStyleClass().add("banner");
        banner.setMaxWidth(Double.MAX_VALUE);
        banner.setId("banner");
        banner.setWrapText(true);
        hint = Panels.hint(t("empty.plan"), t("empty.go-route"), () -> go.accept(StageId.ROUTE));
        VBox middle = Panels.sheet(
                Panels.titleLine(Panels.heading(t("prove.board")), axes, facing),
                board,
                cellWords, ProveLegend.create());
        VBox.setVgrow(board, Priority.ALWAYS);
        HBox.setHgrow(middle, Priority.ALWAYS);
        // the columns at both sides keep their width while there is room for a board
        middle.setPrefWidth(520);
        HBox row = new HBox(12, faces.column(), middle, Panels.side(panel));
        refused = Panels.hint(t("prove.refused"), t("empty.go-ends"), () -> go.accept(StageId.ENDS));
        refused.setVisible(false);
        row.visibleProperty().bind(hint.visibleProperty().or(refused.visibleProperty()).not());
        StackPane place = new StackPane(row, hint, refused);
        VBox.setVgrow(place, Priority.ALWAYS);
        view = new VBox(12, banner, place);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        board.selectionProperty().addListener(_ -> cellWords.setText(board.words()));
        work = new DockWork(session, choices, () -> show(session.job()));
        choices.fixtureProperty().addListener(_ -> view.requestFocus());
        choices.twiceProperty().addListener(_ -> show(session.job()));
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
        Fixture fixture = choices.fixtureProperty().get();
        boolean twice = choices.twiceProperty().get();
        Derived derived = session.derived(job);
        background.run(() -> shown(derived, fixture, twice, simulated, session.recorded(job)), this::show,
                () -> {
                    banner.getStyleClass().removeAll("safe", "failed");
                    banner.setText(t("banner.unknown"));
                    panel.showNothing();
                    board.setModel(PegModel.EMPTY);
                    work.show(job, Optional.empty(), Optional.empty(), t("banner.unknown"));
                });
    }

    private static Shown shown(Derived derived, Fixture fixture, boolean twice, boolean simulated,
            Optional<String> recorded) {
        Job job = derived.job();
        Evidence evidence = derived.evidence();
        Verdict verdict = job.links().isEmpty()
                ? Verdict.of(job, evidence, List.of())
                : Verdict.of(derived, fixture);
        List<Explanation> explanations = Diagnosis.of(job, evidence, verdict.faults());
        Optional<DockWork.Asked> next = next(job, fixture, twice, evidence, verdict);
        Optional<Outcome> shown = DockWork.simulated(job, simulated, next);
        return new Shown(job, evidence, verdict, explanations, next, shown, recorded);
    }

    private static Optional<DockWork.Asked> next(Job job, Fixture fixture, boolean twice,
            Evidence evidence, Verdict verdict) {
        if (verdict.next(twice).isPresent()) {
            Test test = verdict.next(twice).get();
            int number = verdict.plan().indexOf(test) + 1;
            return Optional.of(new DockWork.Asked(test.touch(), test.mode(),
                    t("prove.test", number, verdict.plan().size(), t("danger." + test.danger().name())),
                    t("prove.expect", test.expect())));
        }
        if (verdict.result() != Verdict.Result.FAIL) {
            return Optional.empty();
        }
        Advisor advisor = new Advisor(job, new TerminalIndex(Terminals.of(job)), fixture, Goal.ONCE,
                CostModel.USUAL, 1);
        Optional<Proposal> further = advisor.next(evidence);
        return further.map(p -> new DockWork.Asked(p.touch(), p.mode(), t("prove.further"), p.why()));
    }

    private void show(Shown s) {
        boolean mains = Mains.isIn(session.derived(s.job()));
        refused.setVisible(mains);
        hint.setVisible(s.job().links().isEmpty() && !mains);
        Optional<Touch> touch = s.next().map(DockWork.Asked::touch);
        Facing two = Facing.of(s.job(), choices.facingProperty().get(), touch);
        facing.show(s.job());
        axes.setText(two.rows().isEmpty() ? "" : t("trace.board.hint", two.rows(), two.columns()));
        board.setModel(PegModels.proved(s.job(), two, s.evidence(), touch));
        List<Terminal> lit = new ArrayList<>();
        s.next().ifPresent(n -> {
            lit.addAll(n.touch().red());
            lit.addAll(n.touch().black());
        });
        s.verdict().faults().forEach(f -> lit.addAll(f.terminals()));
        faces.show(s.job(), two, lit, Faces.wires(s.job()));
        banner(s);
        recorded = s.recorded();
        panel.show(s.job(), s.evidence(), s.verdict(), s.explanations());
        panel.showRecorded(s.recorded());
        work.show(s.job(), s.next(), s.simulated(),
                mains
                        ? Mains.remedy()
                        : s.job().links().isEmpty()
                                ? t("prove.no-plan", StageId.ROUTE.shown())
                                : s.recorded().map(l -> t("prove.done.recorded", l))
                                        .orElseGet(() -> t("prove.done." + s.verdict().word())));
        cellWords.setText(board.words());
    }

    private void banner(Shown s) {
        Verdict verdict = s.verdict();
        boolean safe = verdict.isPassed() && !s.job().links().isEmpty();
        banner.getStyleClass().removeAll("safe", "failed");
        if (refused.isVisible()) {
            banner.getStyleClass().add("failed");
            banner.setText(NoWay.because(session.derived(s.job())).getFirst());
        } else if (safe) {
            banner.getStyleClass().add("safe");
            banner.setText(t("banner.safe"));
        } else if (verdict.result() == Verdict.Result.FAIL) {
            banner.getStyleClass().add("failed");
            banner.setText(t("banner.failed"));
        } else if (s.job().links().isEmpty()) {
            banner.setText(t("banner.no-plan"));
        } else if (verdict.result() == Verdict.Result.PASS) {
            banner.setText(t("banner.once", t("tests", verdict.once().size())));
        } else if (!s.evidence().contradictions().isEmpty() || !s.evidence().intermittent().isEmpty()) {
            banner.setText(t("banner.doubt"));
        } else {
            banner.setText(verdict.untestedDanger().map(d -> t("banner.danger", t("danger." + d.name())))
                    .orElse(t("banner.open", t("tests-left", verdict.open()))));
        }
    }

    /** Begins with the next unit of the same plan: the readings of this one are set aside. */
    private void nextUnit() {
        session.edit(j -> j.withReadingsSetAside(SetAside.OTHER_UNIT));
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
        Fixture fixture = choices.fixtureProperty().get();
        Path file = session.file().orElseThrow();
        Background.errand(() -> {
            try (Logbook log = Logbook.open(session.workshop().logbook())) {
                // another window may have been faster
                Optional<String> before = log.recorded(job);
                if (before.isPresent()) {
                    return Notice.of(t("prove.already", before.get()));
                }
                Unit unit = log.add(job, fixture, Instant.now().truncatedTo(ChronoUnit.SECONDS).toString());
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
        all.add(Action.of("flip", Keys.plain(KeyCode.F), faces::flip));
        all.add(board.move());
        return all;
    }
}
