package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wegweiser.app.actions.Action;
import wegweiser.app.actions.Keys;
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
import wegweiser.app.stage.LinesPanel;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Allocation;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Passed;
import wegweiser.core.rules.Rules;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.wiring.WiringWords;

/** Decides how the ends are joined: schemes with their reasons, the plan as pegs, findings with their remedies. */
public final class RouteStage implements StageView {
    private final Session session;
    private final Background background = new Background();
    private final VBox cards = new VBox(10);
    private final Label schemesHint = Panels.quiet("");
    private final Label title = Panels.heading("");
    private final Pegboard board = new Pegboard();
    private final Choices choices;
    private final Overlay overlay;
    private final FacingChoice facing;
    private final Label axes = Panels.quiet(t("route.board.hint"));
    private final Label why = new Label();
    private final ConductorStrip strip;
    private final FindingList findings;
    private final VBox hint;
    private final StackPane view;

    private record Shown(Job job, Facing facing, List<Scheme> schemes, List<Finding> findings,
            List<String> passed, int unknown, String words) {}

    public RouteStage(Session session, Choices choices, Overlay overlay, Consumer<StageId> go) {
        this.overlay = overlay;
        this.session = session;
        this.choices = choices;
        this.facing = new FacingChoice(choices.facingProperty());
        this.strip = new ConductorStrip(session);
        this.findings = new FindingList(session);
        VBox left = Panels.sheet(Panels.whole(Panels.heading(t("route.ways"))), schemesHint, cards);
        left.getStyleClass().add("left-column");
        ScrollPane leftScroll = Panels.scroll(left);
        leftScroll.getStyleClass().add("sheet-scroll");
        leftScroll.setMinWidth(230);
        leftScroll.setPrefWidth(262);
        why.getStyleClass().add("peg-why");
        why.setWrapText(true);
        why.setMinHeight(46);
        hint = Panels.hint(t("empty.ends"), t("empty.go-ends"), () -> go.accept(StageId.ENDS));
        hint.setVisible(false);
        Button list = new Button(t("do.from-to"));
        list.setId("route-list");
        list.getStyleClass().add("small");
        list.setMinWidth(Region.USE_PREF_SIZE);
        list.setOnAction(_ -> list());
        VBox middle = Panels.sheet(Panels.titleLine(title, axes, facing, list), board, why);
        VBox.setVgrow(board, Priority.ALWAYS);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox centre = new VBox(12, middle, strip);
        HBox.setHgrow(centre, Priority.ALWAYS);
        ScrollPane right = Panels.scroll(findings);
        right.getStyleClass().add("sheet-scroll");
        right.setMinWidth(270);
        right.setPrefWidth(330);
        HBox columns = new HBox(12, leftScroll, centre, right);
        columns.visibleProperty().bind(hint.visibleProperty().not());
        view = new StackPane(columns, hint);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
        board.setOnPeg(this::peg);
        choices.facingProperty().addListener(_ -> show(session.job()));
        board.selectionProperty().addListener(_ -> explain());
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public Optional<Node> dock() {
        return Optional.empty();
    }

    @Override
    public void show(Job job) {
        Facing two = Facing.of(job, choices.facingProperty().get(), Optional.empty());
        Derived derived = session.derived(job);
        background.run(() -> {
            Wiring wiring = job.ends().size() < 2
                    ? new Wiring(List.of())
                    : Wiring.between(derived.nets(), two.rows(), two.columns());
            return new Shown(job, two, Router.schemes(job), Rules.spoken(Rules.check(derived)),
                    Passed.of(derived),
                    Passed.unknown(derived).size(), WiringWords.of(wiring));
        }, this::show);
    }

    private void show(Shown s) {
        schemesHint.setText(s.schemes().isEmpty() ? t("route.none") : t("route.choose"));
        cards.getChildren().clear();
        for (int k = 0; k < s.schemes().size(); k++) {
            Scheme scheme = s.schemes().get(k);
            boolean chosen = Nets.planned(s.job()).equals(Nets.planned(scheme.applyTo(s.job())))
                    && !s.job().links().isEmpty();
            cards.getChildren()
                    .add(new SchemeCard(scheme, k + 1, chosen, k == 0, () -> session.edit(scheme::applyTo)));
        }
        String chosenTitle = s.schemes().stream()
                .filter(x -> Nets.planned(s.job()).equals(Nets.planned(x.applyTo(s.job()))))
                .map(Scheme::title)
                .findFirst()
                .orElse(capital(s.words()));
        title.setText(s.job().links().isEmpty() ? t("route.board") : chosenTitle);
        hint.setVisible(s.job().ends().size() < 2);
        facing.show(s.job());
        board.setModel(PegModels.planned(s.job(), s.facing()));
        strip.show(s.job());
        findings.show(s.job(), s.findings(), s.passed(), s.unknown());
        explain();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** Sets or lifts a peg. A peg that only follows from others is left alone and explained. */
    private void peg(int row, int column) {
        PegModel model = board.getModel();
        Terminal a = model.rows().get(row).terminal();
        Terminal b = model.columns().get(column).terminal();
        session.edit(job -> {
            List<Link> links = new ArrayList<>(job.links());
            if (links.removeIf(l -> l.joins(a, b))) {
                return job.withLinks(links);
            }
            if (Nets.planned(job).joined(a, b)) {
                return job;
            }
            links.add(Link.of(a, b));
            return job.withLinks(Allocation.of(job, links));
        });
    }

    private void explain() {
        PegModel model = board.getModel();
        var at = board.selectionProperty().get();
        if (at.row() >= model.rows().size() || at.column() >= model.columns().size()) {
            why.setText("");
            return;
        }
        Terminal a = model.rows().get(at.row()).terminal();
        Terminal b = model.columns().get(at.column()).terminal();
        Optional<String> reason = session.job().links().stream().filter(l -> l.joins(a, b)).findFirst()
                .flatMap(Link::why);
        why.setText(reason.map(r -> t("route.why", a, b, r))
                .orElse(model.cell(at.row(), at.column()) == PegCell.EMPTY
                        ? t("cell.words", a, b, t("cell.free"))
                        : board.words()));
    }

    @Override
    public List<Action> actions() {
        return List.of(
                Action.byKey("scheme", Keys.DIGITS, "1 … 9",
                        e -> choose(e.getCode().getChar().charAt(0) - '1')),
                Action.byKey("scheme.first", Keys.plain(KeyCode.ENTER), Keys.shown(KeyCode.ENTER),
                        _ -> choose(0)),
                Action.of("from-to", Keys.plain(KeyCode.L), this::list), board.move(), board.peg());
    }

    private void list() {
        if (session.job().ends().size() > 1) {
            LinesPanel<Link> panel = FromToPanel.of(session, overlay::down);
            overlay.up(panel);
            panel.begin();
        }
    }

    private boolean choose(int n) {
        if (n < 0 || n >= cards.getChildren().size()
                || !(cards.getChildren().get(n) instanceof SchemeCard card)) {
            return false;
        }
        card.choose();
        return true;
    }
}
