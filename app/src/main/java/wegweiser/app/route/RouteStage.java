package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
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
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.app.stage.StageView;
import wegweiser.core.conductors.ConductorWhy;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.LeftOpen;
import wegweiser.core.route.NoWay;
import wegweiser.core.route.Pegs;
import wegweiser.core.route.PlanCheck;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Passed;
import wegweiser.core.rules.Rules;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.wiring.WiringWords;

/** Decides how the ends are joined: schemes with their reasons, the plan as pegs, findings with their remedies. */
public final class RouteStage implements StageView {
    /** So many sentences tell why nothing can be joined; what is open is in the list at the right. */
    private static final int REASONS = 4;

    private final Session session;
    private final Background background = new Background();
    private final VBox cards = new VBox(10);
    private final Label schemesHint = Panels.quiet("");
    private final Label title = Panels.heading("");
    private final Pegboard board = new Pegboard();
    private final Choices choices;
    private final ByHand byHand;
    private final Label beside = Panels.quiet("");
    private final FacingChoice facing;
    private final Label why = new Label();
    private final ConductorStrip strip;
    private final FindingList findings;
    private final VBox hint;
    private final StackPane view;
    private Optional<Shown> shown = Optional.empty();
    private Optional<String> other = Optional.empty();

    private record Shown(Job job, Facing facing, List<Scheme> schemes, List<Finding> findings,
            List<String> passed, int unknown, String words, Map<Terminal, String> open,
            Optional<Scheme> chosen, List<String> none) {}

    public RouteStage(Session session, Choices choices, Overlay overlay, Consumer<StageId> go) {
        this.session = session;
        this.choices = choices;
        this.facing = new FacingChoice(choices.facingProperty());
        this.byHand = new ByHand(session, overlay,
                () -> Facing.of(session.job(), choices.facingProperty().get(), Optional.empty()),
                this::selected);
        this.strip = new ConductorStrip(session, byHand::cable);
        this.findings = new FindingList(session);
        VBox left = Panels.sheet(Panels.whole(Panels.heading(t("route.ways"))), schemesHint, cards);
        left.getStyleClass().add("left-column");
        ScrollPane leftScroll = Panels.scroll(left);
        leftScroll.getStyleClass().add("sheet-scroll");
        leftScroll.setMinWidth(262);
        leftScroll.setPrefWidth(262);
        why.getStyleClass().add("peg-why");
        why.setWrapText(true);
        why.setMinHeight(46);
        hint = Panels.hint(t("empty.ends"), t("empty.go-ends"), () -> go.accept(StageId.ENDS));
        hint.setVisible(false);
        Panels.whole(beside).setId("route-beside");
        beside.managedProperty().bind(beside.textProperty().isNotEmpty());
        // with more than two ends the choice of two has a line to itself, so that the name of the way is read
        VBox middle = Panels.sheet(Panels.line(title, byHand), facing, beside, board, why);
        // a long one is read whole on its card; here it must not take the room of the board
        title.setWrapText(false);
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
            List<Scheme> schemes = Router.schemes(job);
            Optional<Scheme> chosen = job.links().isEmpty()
                    ? Optional.empty()
                    : schemes.stream().filter(x -> x.isPlanOf(job)).findFirst();
            return new Shown(job, two, schemes, Rules.spoken(PlanCheck.of(derived)),
                    Passed.of(derived),
                    Passed.unknown(derived).size(), WiringWords.of(wiring), LeftOpen.of(derived), chosen,
                    schemes.isEmpty()
                            ? NoWay.because(derived).stream().limit(REASONS).toList()
                            : List.of());
        }, this::show);
    }

    private void show(Shown s) {
        schemesHint.setText(s.schemes().isEmpty() ? String.join(" ", s.none()) : t("route.choose"));
        cards.getChildren().clear();
        for (int k = 0; k < s.schemes().size(); k++) {
            Scheme scheme = s.schemes().get(k);
            boolean chosen = s.chosen().filter(scheme::equals).isPresent();
            cards.getChildren().add(new SchemeCard(scheme, k + 1, chosen, k == 0,
                    () -> session.edit(scheme::applyTo), () -> compare(scheme)));
        }
        String chosenTitle = s.chosen().map(Scheme::title).orElse(capital(s.words()));
        title.setText(s.job().links().isEmpty() ? t("route.board") : chosenTitle);
        hint.setVisible(s.job().ends().size() < 2);
        facing.show(s.job());
        shown = Optional.of(s);
        if (other.filter(o -> s.schemes().stream().noneMatch(x -> x.id().equals(o))).isPresent()) {
            other = Optional.empty();
        }
        board();
        strip.show(session.derived(s.job()));
        findings.show(s.job(), s.findings(), s.passed(), s.unknown(), s.open());
        explain();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The plan, alone or held against another way. */
    private void board() {
        Shown s = shown.orElseThrow();
        Optional<Scheme> held = other
                .flatMap(o -> s.schemes().stream().filter(x -> x.id().equals(o)).findFirst());
        board.setModel(held.map(h -> PegModels.compared(s.job(), h.applyTo(s.job()), s.facing()))
                .orElseGet(() -> PegModels.planned(s.job(), s.facing())));
        beside.setText(held.map(h -> t("route.beside", h.title())).orElse(""));
    }

    /** Holds the plan against a way, or no longer. */
    private void compare(Scheme scheme) {
        other = other.filter(scheme.id()::equals).isPresent() ? Optional.empty() : Optional.of(scheme.id());
        board();
        explain();
    }

    /** The ways one after the other, and at last none. */
    private void compareNext() {
        // the plan is not held against itself
        Optional<Scheme> plan = shown.flatMap(Shown::chosen);
        List<Scheme> all = shown.map(Shown::schemes).orElse(List.of()).stream()
                .filter(s -> plan.filter(s::equals).isEmpty()).toList();
        int at = other.map(o -> all.stream().map(Scheme::id).toList().indexOf(o)).orElse(-1);
        if (at + 1 < all.size()) {
            compare(all.get(at + 1));
        } else {
            other.ifPresent(_ -> compare(all.get(at)));
        }
    }

    /** Sets or lifts a peg. A peg that only follows from others is left alone and explained. */
    private void peg(int row, int column) {
        PegModel model = board.getModel();
        Terminal a = model.rows().get(row).terminal();
        Terminal b = model.columns().get(column).terminal();
        session.edit(job -> Pegs.turned(job, a, b));
    }

    private Optional<ByHand.Two> selected() {
        PegModel model = board.getModel();
        var at = board.selectionProperty().get();
        return at.row() < model.rows().size() && at.column() < model.columns().size()
                ? Optional.of(new ByHand.Two(model.rows().get(at.row()).terminal(),
                        model.columns().get(at.column()).terminal()))
                : Optional.empty();
    }

    private void explain() {
        Optional<ByHand.Two> two = selected();
        if (two.isEmpty()) {
            why.setText("");
            return;
        }
        Terminal a = two.get().row();
        Terminal b = two.get().column();
        Job job = session.job();
        Optional<Link> link = job.links().stream().filter(l -> l.joins(a, b)).findFirst();
        PegCell cell = board.getModel().cell(board.selectionProperty().get().row(),
                board.selectionProperty().get().column());
        if (link.isPresent()) {
            String reason = link.get().why().map(r -> t("route.why", a, b, r)).orElse(board.words());
            why.setText(ConductorWhy.of(session.derived(job), link.get()).map(c -> reason + " " + c)
                    .orElse(reason));
        } else if (cell != PegCell.EMPTY) {
            why.setText(board.words());
        } else {
            Map<Terminal, String> open = shown.map(Shown::open).orElse(Map.of());
            List<String> reasons = Stream.of(a, b).map(open::get).filter(Objects::nonNull).toList();
            boolean ways = shown.filter(s -> !s.schemes().isEmpty()).isPresent();
            why.setText(job.links().isEmpty()
                    ? t(ways ? "route.board.hint" : "route.board.hint.none")
                    : reasons.isEmpty()
                            ? t("cell.words", a, b, t("cell.free"))
                            : String.join(" ", reasons));
        }
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(List.of(
                Action.byKey("scheme", Keys.DIGITS, "1 … 9",
                        e -> choose(e.getCode().getChar().charAt(0) - '1')),
                Action.byKey("scheme.first", Keys.plain(KeyCode.ENTER), Keys.shown(KeyCode.ENTER),
                        _ -> choose(0)),
                Action.of("compare", Keys.plain(KeyCode.B), this::compareNext)));
        all.addAll(byHand.actions());
        all.addAll(List.of(board.move(), board.peg()));
        return all;
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
