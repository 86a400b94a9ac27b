package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.DecidingCard;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.Worded;
import wegweiser.app.stage.Choices;
import wegweiser.app.stage.Session;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.belief.Hypothesis;
import wegweiser.core.evidence.Census;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Proof;
import wegweiser.core.ladder.LadderWork;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.port.Deciding;
import wegweiser.core.prove.GoodCable;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.readings.TouchCount;
import wegweiser.core.words.Words;

/** What the readings say: beliefs, counts of the four states, what is left, the readings themselves. */
final class TracePanel extends VBox {
    private static final int MOST_PARTS = 3;

    private final VBox beliefs = new VBox(6);
    private final VBox trouble = new VBox(6);
    private final VBox deciding = new VBox(6);
    private final Session session;
    private final Choices choices;
    private List<Deciding.Proposal> asked = List.of();
    private final VBox counts = new VBox(1);
    private final VBox left = new VBox(1);
    private final ReadingLines readings;
    private final Consumer<Proof> which;
    private final Runnable asPlan;

    TracePanel(Session session, Choices choices, Runnable list, Runnable ladder, Runnable lamps,
            Runnable loose, Consumer<Proof> which,
            Runnable asPlan) {
        this.session = session;
        this.choices = choices;
        this.which = which;
        this.asPlan = asPlan;
        this.readings = new ReadingLines(session);
        getStyleClass().addAll("sheet", "side");
        ChoiceBox<Fixture> fixture = choice(Fixture.values(), "fixture.");
        fixture.setId("fixture");
        fixture.valueProperty().bindBidirectional(choices.fixtureProperty());
        ChoiceBox<Goal> goal = choice(Goal.values(), "goal.");
        goal.setId("goal");
        goal.valueProperty().bindBidirectional(choices.goalProperty());
        Label until = Panels.quiet(t("goal.until"));
        until.setWrapText(false);
        until.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(goal, Priority.ALWAYS);
        HBox last = new HBox(8, until, goal);
        last.getStyleClass().add("figure-line");
        VBox wanted = new VBox(4, fixture, last);
        ScrollPane scroll = Panels.scroll(readings);
        scroll.setMinHeight(34);
        scroll.setPrefHeight(34);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Hyperlink reset = new Hyperlink(t("trace.cost.reset"));
        reset.setId("cost-reset");
        reset.setOnAction(_ -> choices.resetCost(java.time.Instant.now()));
        Label hand = Panels.quiet("");
        hand.setWrapText(false);
        hand.textProperty().bind(Bindings.createStringBinding(
                () -> t("trace.cost", Words.number(choices.costProperty().get().moveProbe())),
                choices.costProperty()));
        HBox cost = Panels.line(hand, reset);
        // the usual is not worth a line
        cost.visibleProperty().bind(choices.costProperty().isNotEqualTo(CostModel.USUAL));
        cost.managedProperty().bind(cost.visibleProperty());
        // at the top, so that a low window does not hide what takes many readings at once
        FlowPane tools = new FlowPane(4, 4, tool("trace.list", list), tool("trace.ladder", ladder),
                tool("trace.lamps", lamps), tool("trace.loose", loose));
        for (VBox some : List.of(trouble, deciding)) {
            some.managedProperty().bind(Bindings.isNotEmpty(some.getChildren()));
        }
        getChildren().addAll(Panels.heading(t("trace.say")), tools, trouble, deciding, beliefs, Panels.rule(),
                counts, Panels.rule(), left, wanted, cost, Panels.rule(), scroll);
    }

    private static Button tool(String key, Runnable action) {
        Button button = new Button(t(key));
        button.getStyleClass().addAll("small", "tool");
        button.setId(key.replace('.', '-'));
        button.setFocusTraversable(false);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static <E extends Enum<E> & HasId> ChoiceBox<E> choice(E[] values, String prefix) {
        ChoiceBox<E> box = new ChoiceBox<>();
        box.getItems().setAll(values);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new Worded<>(v -> t(prefix + v.id())));
        return box;
    }

    void show(Job job, Evidence evidence, Belief belief, Optional<Proposal> proposal, Proof proof,
            Census census) {
        beliefs.getChildren().clear();
        List<Belief.Share> likely = belief.shares().stream().limit(2).filter(s -> s.probability() >= 0.005)
                .toList();
        if (belief.shares().isEmpty()) {
            beliefs.getChildren().add(Panels.quiet(t("trace.no-name")));
        } else {
            likely.forEach(s -> belief(title(belief, s.hypothesis()), s.probability(), "belief"));
            belief(t("trace.else"),
                    Math.max(0, 1 - likely.stream().mapToDouble(Belief.Share::probability).sum()),
                    "belief-other");
        }
        if (!proof.isProved() && !belief.shares().isEmpty()) {
            beliefs.getChildren().add(Panels.quiet(t("trace.guess")));
        }
        trouble.getChildren().clear();
        for (Contradiction c : evidence.contradictions()) {
            trouble(t("trace.contradiction", Words.list(c.readings()), Words.list(c.settle().red()),
                    Words.list(c.settle().black())));
            aside(c.readings());
        }
        if (!evidence.intermittent().isEmpty()) {
            trouble(t("trace.intermittent", Words.list(evidence.intermittent())));
        }
        if (evidence.isCrowded()) {
            trouble(t("trace.crowded"));
        }
        if (!proof.misfits().isEmpty()) {
            trouble(proof.words());
            aside(proof.suspects(evidence));
        }
        long waiting = LadderWork.waiting(job);
        if (waiting > 0) {
            trouble.getChildren().add(Panels.quiet(t("trace.ladder.waiting", waiting)));
        }
        deciding(job);
        counts(evidence, census);
        left.getChildren().clear();
        left.getChildren().add(
                Panels.line(new Label(t("trace.touches")),
                        figure(String.valueOf(TouchCount.of(job.readings())))));
        if (proposal.isEmpty() && evidence.index().size() > 1 && proof.unproved() > 0) {
            Hyperlink open = new Hyperlink(t("trace.which", proof.unproved()));
            open.setId("proof-which");
            open.setFocusTraversable(false);
            open.setOnAction(_ -> which.accept(proof));
            left.getChildren().add(open);
        }
        if (proposal.isEmpty() && job.links().isEmpty() && GoodCable.isMeasured(evidence)) {
            Hyperlink plan = new Hyperlink(t("trace.as-plan"));
            plan.setId("as-plan");
            plan.setWrapText(true);
            plan.setFocusTraversable(false);
            plan.setOnAction(_ -> asPlan.run());
            left.getChildren().add(plan);
        }
        proposal.ifPresent(p -> {
            left.getChildren().add(Panels.line(new Label(t("trace.left")),
                    figure(t("trace.left.figure", p.touchesLeft(), p.secondsLeft()))));
            if (p.sweepLeft() > 0) {
                String sweep = choices.goalProperty().get().isWhole() ? "trace.sweep" : "trace.sweep-open";
                left.getChildren().add(Panels.quiet(t(sweep, p.sweepLeft())));
            }
        });
        readings.show(job.readings());
    }

    /** Shows nothing that follows from readings, since it could not be computed. */
    void showNothing() {
        for (VBox some : List.of(beliefs, trouble, counts, left)) {
            some.getChildren().clear();
        }
    }

    /** Where the sources of a pinout differ: the first measurement on the device that decides. */
    private void deciding(Job job) {
        List<Deciding.Proposal> open = job.ends().stream().flatMap(e -> Deciding.proposals(e).stream())
                .toList();
        if (open.equals(asked)) {
            return;
        }
        asked = open;
        deciding.getChildren().clear();
        open.stream().limit(1)
                .forEach(p -> deciding.getChildren().addAll(Panels.quiet(t("trace.deciding", open.size())),
                        new DecidingCard(p, reading -> session.edit(j -> j.withEnd(p.end(),
                                e -> Deciding.settle(e.withPortReading(reading)))))));
    }

    private void trouble(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("trouble");
        label.setWrapText(true);
        trouble.getChildren().add(label);
    }

    /** A way to put one of the disputed readings aside: only the person can know which of them is wrong. */
    private void aside(List<Integer> disputed) {
        FlowPane ways = new FlowPane(6, 2, Panels.quiet(t("trace.aside")));
        for (int number : disputed.subList(0, Math.min(6, disputed.size()))) {
            Hyperlink way = new Hyperlink(String.valueOf(number));
            way.setId("aside-" + number);
            Reading reading = session.job().readings().get(number - 1);
            way.setOnAction(_ -> session.edit(j -> j.withReadingSetAside(reading, SetAside.CONTRADICTED)));
            ways.getChildren().add(way);
        }
        trouble.getChildren().add(ways);
    }

    /** What a hypothesis is called, with the readings that it does not explain. */
    private static String title(Belief belief, Hypothesis hypothesis) {
        List<Integer> against = belief.against(hypothesis);
        return switch (against.size()) {
            case 0 -> hypothesis.title();
            case 1 -> t("trace.against", hypothesis.title(), against.getFirst());
            case 2, 3, 4 -> t("trace.against.several", hypothesis.title(), Words.list(against));
            default -> t("trace.against.many", hypothesis.title(), against.size());
        };
    }

    private void belief(String title, double p, String style) {
        Label words = new Label(title);
        words.setWrapText(true);
        HBox.setHgrow(words, Priority.ALWAYS);
        Label percent = figure(Math.round(100 * p) + " %");
        percent.setMinWidth(USE_PREF_SIZE);
        ProgressBar bar = new ProgressBar(p);
        bar.getStyleClass().add(style);
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setPrefHeight(7);
        beliefs.getChildren().add(new VBox(2, Panels.line(words, percent), bar));
    }

    private void counts(Evidence evidence, Census census) {
        counts.getChildren().clear();
        count("trace.count.joined", census.joined());
        count("trace.count.apart", census.apart());
        count("trace.count.follows", census.follows());
        count("trace.count.assumed", census.assumed());
        if (census.byValue() > 0) {
            count("trace.count.ladder", census.byValue());
        }
        count("trace.count.unknown", census.unknown());
        parts(evidence);
    }

    /** The parts that readings show, each with its place and value; where there are many, how many. */
    private void parts(Evidence evidence) {
        List<MeasuredPart> parts = evidence.parts();
        if (parts.size() > MOST_PARTS) {
            count("trace.count.parts", parts.size());
            return;
        }
        for (MeasuredPart part : parts) {
            boolean diode = part.kind() == PartKind.DIODE;
            counts.getChildren().add(Panels.line(
                    new Label(t(diode ? "trace.part.diode" : "trace.part", part.a(), part.b())),
                    figure(diode
                            ? Quantity.words(part.volts(), Unit.VOLT)
                            : Quantity.words(part.ohms(), Unit.OHM))));
            int a = evidence.index().of(part.a());
            int b = evidence.index().of(part.b());
            if (!diode && (evidence.isUnsettled(a, b) || evidence.isUnsettled(b, a))) {
                counts.getChildren().add(Panels.quiet(t("trace.part.unsettled")));
            }
        }
    }

    private void count(String key, int n) {
        counts.getChildren().add(Panels.line(new Label(t(key)), figure(String.valueOf(n))));
    }

    private static Label figure(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("figure");
        return label;
    }
}
