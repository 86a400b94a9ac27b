package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
import wegweiser.app.controls.DangerLine;
import wegweiser.app.controls.Faces;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.FacingChoice;
import wegweiser.app.controls.Overlay;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.PegCell;
import wegweiser.app.controls.PegModel;
import wegweiser.app.controls.PegModels;
import wegweiser.app.controls.Pegboard;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.DockWork;
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Census;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.GoodCable;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.words.Words;

/** Finds out how an unknown cable is wired: the next touch, what the readings prove, what is believed. */
public final class TraceStage implements StageView {
    private final Session session;
    private final Overlay overlay;
    private final Choices choices;
    private final Consumer<StageId> go;
    private Traced shown;
    private final Background background = new Background();
    private final Background explaining = new Background();
    private final Faces faces = new Faces();
    private final Pegboard board = new Pegboard();
    private final DangerLine danger = new DangerLine();
    private final FacingChoice facing;
    private final Label axes = Panels.quiet("");
    private final ReactionDock reaction;
    private final StackPane docks;
    private final Label boardTitle = new Label();
    private final Label cellWords = Panels.quiet("");
    private final TracePanel panel;
    private final DockWork work;
    private final VBox hint;
    private final StackPane view;
    private Optional<Prepared> prepared = Optional.empty();

    /** An advisor with what it was made for, so that it is made again only when that changes. */
    private record Prepared(List<?> madeFor, Advisor advisor) {}

    public TraceStage(Session session, Choices choices, Overlay overlay, Consumer<StageId> go) {
        this.overlay = overlay;
        this.session = session;
        this.choices = choices;
        this.go = go;
        this.facing = new FacingChoice(choices.facingProperty());
        this.panel = new TracePanel(session, choices, this::list, this::ladder, this::lamps,
                () -> loose(true), this::which, this::asPlan);
        Panels.whole(boardTitle).getStyleClass().add("believed");
        // two lines, so that the board and not the reason gives way in a low window
        cellWords.setMinHeight(42);
        cellWords.setAlignment(Pos.TOP_LEFT);
        axes.setMinWidth(Region.USE_PREF_SIZE);
        HBox named = new HBox(8, Panels.heading(t("trace.board")), axes, facing);
        named.setMinWidth(Region.USE_PREF_SIZE);
        named.setAlignment(Pos.CENTER_LEFT);
        HBox title = Panels.line(named, boardTitle);
        hint = Panels.hint(t("empty.ends"), t("empty.go-ends"), () -> go.accept(StageId.ENDS));
        // shown once it is known that there is nothing to touch
        hint.setVisible(false);
        VBox middle = Panels.sheet(danger, title, board, cellWords,
                TraceLegend.create(Bindings.createBooleanBinding(
                        () -> board.getModel().has(PegCell.JOINED_ASSUMED), board.modelProperty())));
        VBox.setVgrow(board, Priority.ALWAYS);
        HBox.setHgrow(middle, Priority.ALWAYS);
        // the columns at both sides keep their width while there is room for a board
        middle.setPrefWidth(520);
        HBox columns = new HBox(12, faces.column(), middle, Panels.side(panel));
        columns.visibleProperty().bind(hint.visibleProperty().not());
        view = new StackPane(columns, hint);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        board.selectionProperty().addListener(_ -> explain());
        work = new DockWork(session, choices, () -> show(session.job()));
        reaction = new ReactionDock(work::take, work::back, () -> loose(false));
        docks = new StackPane(work.dock(), reaction);
        docks.accessibleTextProperty().bind(work.dock().accessibleTextProperty());
        reaction.setVisible(false);
        reaction.managedProperty().bind(reaction.visibleProperty());
        work.dock().visibleProperty().bind(reaction.visibleProperty().not());
        work.dock().managedProperty().bind(work.dock().visibleProperty());
        choices.facingProperty().addListener(_ -> show(session.job()));
        choices.goalProperty().addListener(_ -> {
            show(session.job());
            view.requestFocus();
        });
        // a choice made with the mouse must not keep the answer keys from the dock
        choices.fixtureProperty().addListener(_ -> view.requestFocus());
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.of(docks);
    }

    @Override
    public void show(Job job) {
        boolean simulated = work.isSimulated();
        Optional<Prepared> had = prepared;
        List<NamedWiring> wirings = session.library().allWirings();
        CostModel cost = choices.costProperty().get();
        List<?> wanted = List.of(wirings, session.logged(), cost, job.ends(), job.links(), job.connectors(),
                choices.fixtureProperty().get(),
                choices.goalProperty().get(), Terminals.of(job));
        Derived derived = session.derived(job);
        background.run(() -> {
            Advisor advisor = had.filter(p -> p.madeFor().equals(wanted)).map(Prepared::advisor)
                    .orElseGet(() -> advisor(job, cost, wirings));
            Evidence evidence = derived.evidence();
            Belief belief = advisor.belief(evidence);
            Optional<Proposal> proposal = job.ends().size() < 2
                    ? Optional.empty()
                    : advisor.next(evidence, belief);
            Optional<DockWork.Asked> asked = proposal
                    .map(x -> DockWork.Asked.of(x.touch(), x.mode(), t("dock.next"), x.why()));
            Optional<Outcome> shown = DockWork.simulated(job, simulated, asked);
            return Map.entry(new Prepared(wanted, advisor),
                    new Traced(job, evidence, belief, proposal, derived.proof(), Census.of(evidence),
                            shown, advisor.identified(evidence, belief)));
        }, r -> {
            prepared = Optional.of(r.getKey());
            show(r.getValue());
        }, () -> {
            boardTitle.setText("");
            board.setModel(PegModel.EMPTY);
            panel.showNothing();
            work.show(job, Optional.empty(), Optional.empty(), t("trace.unknown"));
        });
    }

    private Advisor advisor(Job job, CostModel cost, List<NamedWiring> wirings) {
        return new Advisor(job, new TerminalIndex(Terminals.of(job)), choices.fixtureProperty().get(),
                choices.goalProperty().get(), cost, 1,
                LogWirings.with(wirings, session.workshop().logbook(), job));
    }

    private void show(Traced s) {
        shown = s;
        danger.show(s.job());
        choices.learn(s.job().readings());
        hint.setVisible(s.isBlank());
        if (reaction.isVisible()) {
            reaction.show(s.job(), s.evidence());
        }
        Optional<Touch> touch = reaction.isVisible() ? reaction.touch() : s.proposal().map(Proposal::touch);
        Facing two = Facing.of(s.job(), choices.facingProperty().get(), touch);
        facing.show(s.job());
        axes.setText(two.rows().isEmpty() ? "" : t("trace.board.hint", two.rows(), two.columns()));
        board.setModel(PegModels.known(s.job(), two, s.evidence(), touch));
        List<Terminal> lit = new ArrayList<>();
        touch.ifPresent(x -> {
            lit.addAll(x.red());
            lit.addAll(x.black());
        });
        faces.show(s.job(), two, lit, Map.of());
        boardTitle.setText(TraceWords.overBoard(s));
        panel.show(s.job(), s.evidence(), s.belief(), s.proposal(), s.proof(), s.census());
        work.show(s.job(),
                s.proposal().map(x -> DockWork.Asked.of(x.touch(), x.mode(), t("dock.next"), x.why())),
                s.simulated(), TraceWords.done(s, choices.goalProperty().get()));
        explain();
    }

    private void which(Proof proof) {
        ProofPanel pairs = new ProofPanel(proof, overlay::down);
        overlay.up(pairs);
        pairs.begin();
    }

    private void list() {
        LinesPanel<Reading> readings = ReadingsPanel.of(session, overlay::down);
        overlay.up(readings);
        readings.begin();
    }

    /** Opens the ladder plug of the second end: what to build, and its readings. */
    public void ladder() {
        if (session.job().ends().size() > 1) {
            LadderPanel ladder = new LadderPanel(session,
                    job -> advisor(job, choices.costProperty().get(), session.library().allWirings()),
                    overlay::down);
            overlay.up(ladder);
            ladder.begin();
        }
    }

    /** Changes between the dock for probes and the one for loose leads that cannot be probed. */
    public void loose(boolean on) {
        reaction.setVisible(on);
        show(session.job());
        view.requestFocus();
    }

    private void asPlan() {
        Derived derived = session.derived(session.job());
        int unproved = derived.proof().unproved();
        Job good = GoodCable.asPlan(derived);
        session.edit(_ -> good);
        session.notices().say(unproved == 0
                ? t("trace.as-plan.done")
                : t("trace.as-plan.partly", Words.say("pairs", unproved)));
        go.accept(StageId.PROVE);
    }

    private boolean isPlanLike() {
        Job job = session.job();
        return job.links().isEmpty() && GoodCable.isMeasured(session.derived(job).evidence());
    }

    private void lamps() {
        if (session.job().ends().size() > 1) {
            LampPanel lamps = new LampPanel(session, session.job(), overlay::down);
            overlay.up(lamps);
            lamps.begin();
        }
    }

    private void explain() {
        Job job = session.job();
        var model = board.getModel();
        var at = board.selectionProperty().get();
        if (model.rows().isEmpty() || at.row() >= model.rows().size()
                || at.column() >= model.columns().size()) {
            cellWords.setText("");
            return;
        }
        String words = board.words();
        cellWords.setText(words);
        if (shown == null) {
            return;
        }
        Traced now = shown;
        CostModel cost = choices.costProperty().get();
        Fixture fixture = choices.fixtureProperty().get();
        Terminal row = model.rows().get(at.row()).terminal();
        Terminal column = model.columns().get(at.column()).terminal();
        explaining.run(() -> TraceWords.ofPair(now, now.job() == job, cost, fixture, row, column),
                reasons -> cellWords.setText(words + reasons));
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>();
        work.actions()
                .forEach(a -> all.add(a.when(() -> !reaction.isVisible() && a.enabled().getAsBoolean())));
        all.add(Action.of("flip", Keys.plain(KeyCode.F), faces::flip));
        all.add(board.move());
        all.add(Action.of("as-plan", List.of(), this::asPlan).when(this::isPlanLike));
        all.addAll(reaction.actions());
        return all;
    }
}
