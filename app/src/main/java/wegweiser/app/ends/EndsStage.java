package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Panels;
import wegweiser.app.shell.Background;
import wegweiser.app.shell.Session;
import wegweiser.app.shell.StageView;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.route.PortRelation;

/** The two ports side by side, and in words what they are to each other. */
public final class EndsStage implements StageView {
    private final Session session;
    private final HBox columns = new HBox(12);
    private final Label relation = new Label();
    private final VBox view;
    private final Background background = new Background();
    private final List<EndColumn> shown = new ArrayList<>();

    public EndsStage(Session session) {
        this.session = session;
        relation.getStyleClass().add("relation");
        relation.setWrapText(true);
        relation.setId("relation");
        VBox strip = Panels.sheet(relation);
        strip.getStyleClass().add("relation-strip");
        VBox.setVgrow(columns, Priority.ALWAYS);
        view = new VBox(12, columns, strip);
        view.getStyleClass().add("stage");
        view.setFocusTraversable(true);
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
        List<String> names = job.ends().stream().map(End::name).toList();
        if (!names.equals(shown.stream().map(EndColumn::endName).toList())) {
            shown.clear();
            columns.getChildren().clear();
            for (End end : job.ends()) {
                EndColumn column = new EndColumn(session, end.name());
                HBox.setHgrow(column, Priority.ALWAYS);
                shown.add(column);
                columns.getChildren().add(column);
            }
            if (job.ends().size() < 2) {
                columns.getChildren().add(addEnd());
            }
        }
        shown.forEach(c -> c.show(job));
        background.run(() -> PortRelation.words(job), relation::setText);
    }

    /** Puts the cursor into the row of a contact. */
    public void focus(String end, String contact) {
        shown.stream().filter(c -> c.endName().equals(end)).forEach(c -> c.focus(contact));
    }

    private Node addEnd() {
        Button button = new Button(t("ends.add"));
        button.setOnAction(_ -> session.edit(j -> {
            List<End> ends = new ArrayList<>(j.ends());
            String name = ends.stream().noneMatch(e -> e.name().equals("B")) ? "B" : "A";
            ends.add(End.of(name, "", End.LEADS, List.of()));
            return j.withEnds(ends);
        }));
        VBox box = Panels.sheet(Panels.quiet(t("ends.empty")), button);
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }

    @Override
    public boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.F) {
            shown.forEach(EndColumn::flip);
            return true;
        }
        return false;
    }

    @Override
    public List<String[]> keys() {
        return List.of(new String[]{"F", t("keys.flip")}, new String[]{"Tab", t("keys.tab")});
    }
}
