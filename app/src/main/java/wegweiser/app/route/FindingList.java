package wegweiser.app.route;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Waiver;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Mains;
import wegweiser.core.rules.Rules;
import wegweiser.core.rules.Severity;
import wegweiser.core.usual.UsualCable;
import wegweiser.core.words.Words;

/** What the rules found, each with its remedy, and what passed. */
final class FindingList extends VBox {
    private final Session session;

    FindingList(Session session) {
        super(10);
        this.session = session;
        getStyleClass().addAll("sheet", "findings");
    }

    void show(Job job, List<Finding> findings, List<String> passed, int unknown,
            Map<Terminal, String> left) {
        List<Node> nodes = new ArrayList<>();
        long open = Rules.blocking(job, findings).size();
        long others = findings.size() - open;
        Label heading = Panels.heading(t("route.findings"));
        heading.setMinWidth(USE_PREF_SIZE);
        nodes.add(Panels.line(heading,
                Panels.quiet(t("route.findings.count", open, others))));
        findings.forEach(f -> nodes.add(card(job, f)));
        if (job.links().isEmpty()) {
            nodes.add(Panels.quiet(t("route.findings.none")));
        } else {
            if (unknown > 0) {
                nodes.add(Panels.quiet(t("route.unknown", unknown)));
            }
            if (!passed.isEmpty()) {
                Label title = new Label(t("route.passed"));
                title.getStyleClass().add("card-title");
                nodes.add(title);
                passed.forEach(p -> nodes.add(passed(p)));
            }
        }
        if (!job.links().isEmpty() && !left.isEmpty()) {
            Label title = new Label(t("route.open", left.size()));
            title.getStyleClass().add("card-title");
            title.setId("route-open");
            nodes.add(title);
            left.values().forEach(reason -> nodes.add(Panels.quiet(reason)));
        }
        UsualCable.like(job).ifPresent(c -> usual(c, nodes));
        getChildren().setAll(nodes);
    }

    /** What goes wrong with cables like this one, and what to ask before it is trusted. */
    private static void usual(UsualCable cable, List<Node> nodes) {
        Label title = new Label(t("route.usual"));
        title.getStyleClass().add("card-title");
        title.setId("route-usual");
        nodes.add(title);
        nodes.add(Panels.whole(new Label(cable.pitfalls())));
        cable.ask().forEach(q -> nodes.add(Panels.whole(Panels.quiet(t("usual.question", q)))));
    }

    private static Node passed(String text) {
        Polygon tick = new Polygon(0, 6, 2, 4, 5, 8, 12, 0, 14, 2, 5, 12);
        tick.getStyleClass().add("tick");
        Pane box = new Pane(tick);
        box.setMinSize(16, 14);
        box.setMaxHeight(14);
        HBox line = new HBox(8, box, Panels.whole(new Label(text)));
        line.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return line;
    }

    private Node card(Job job, Finding f) {
        boolean waived = Rules.isWaived(job, f);
        Label title = new Label(
                Words.say("severity." + f.severity().id()) + (waived ? t("route.waived") : ""));
        title.getStyleClass().add("card-title");
        HBox head = new HBox(8, mark(f.severity()), title);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        Label message = new Label(f.message());
        message.setWrapText(true);
        Label remedy = Panels.quiet(f.remedy());
        FlowPane buttons = new FlowPane(8, 6);
        f.fix().ifPresent(fix -> {
            Button apply = new Button(fix.label());
            apply.getStyleClass().add("dark");
            apply.setId("fix-" + f.rule());
            apply.setOnAction(_ -> session.edit(fix.edit()));
            buttons.getChildren().add(apply);
        });
        VBox card = new VBox(5, head, message, remedy, buttons);
        // no reason overrides mains
        if (f.isError() && !waived && !Mains.is(f)) {
            Button stand = new Button(t("route.stand"));
            stand.setId("stand-" + f.rule());
            stand.setOnAction(_ -> askReason(card, f));
            buttons.getChildren().add(stand);
        }
        card.getStyleClass().addAll("finding", "finding-" + f.severity().id());
        return card;
    }

    private void askReason(VBox card, Finding f) {
        TextField reason = new TextField();
        reason.setPromptText(t("route.reason"));
        reason.setId("reason-" + f.rule());
        reason.setOnAction(_ -> {
            String text = reason.getText().strip();
            if (!text.isEmpty()) {
                session.edit(job -> {
                    List<Waiver> waivers = new ArrayList<>(job.waivers());
                    waivers.add(new Waiver(f.rule(), f.terminals(), text));
                    return job.withWaivers(waivers);
                });
            }
        });
        VBox.setVgrow(reason, Priority.NEVER);
        if (card.getChildren().size() < 5) {
            card.getChildren().add(reason);
        }
        reason.requestFocus();
    }

    private static Shape mark(Severity severity) {
        Shape shape = switch (severity) {
            case ERROR -> new Rectangle(13, 13);
            case WARNING -> new Polygon(7, 0, 14, 13, 0, 13);
            case NOTE -> new Circle(6);
        };
        shape.getStyleClass().add("mark-" + severity.id());
        return shape;
    }
}
