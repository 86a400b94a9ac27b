package wegweiser.app.ends;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.DecidingCard;
import wegweiser.app.controls.Panels;
import wegweiser.app.stage.Session;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinSource;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.core.pinout.Sources;
import wegweiser.core.port.Deciding;

/** The sources of one pinout side by side: where they agree, where not, and what would decide. */
final class ComparePanel extends VBox {
    private final Session session;
    private final String name;
    private final VBox relations = new VBox(6);
    private final GridPane grid = new GridPane();
    private final VBox deciding = new VBox(6);

    ComparePanel(Session session, String name) {
        super(10);
        this.session = session;
        this.name = name;
        setId("compare");
        grid.getStyleClass().add("compare");
        ScrollPane scroll = Panels.scroll(new VBox(12, relations, deciding, grid));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        setFocusTraversable(true);
        getChildren().addAll(Panels.heading(t("compare.title", name)), scroll);
        setPrefSize(860, 560);
        Panels.whileShown(this, session.jobProperty(), this::show);
    }

    private void edit(UnaryOperator<End> edit) {
        session.edit(j -> j.withEnd(name, edit));
    }

    private void show(Job job) {
        End end = job.end(name).orElse(null);
        if (end == null) {
            return;
        }
        SourceComparison comparison = SourceComparison.of(end, Catalogue.of(job).of(end));
        relations.getChildren().clear();
        for (SourceComparison.Relation relation : comparison.relations()) {
            Label words = new Label(t("compare.relation", relation.words()));
            words.setWrapText(true);
            words.getStyleClass().add("believed");
            Button renumber = new Button(
                    t("compare.renumber", Sources.shown(relation.source()), Sources.shown(relation.than())));
            renumber.setId("renumber");
            renumber.setOnAction(_ -> edit(e -> Sources.renumber(e, relation.source(), relation.meant())));
            relations.getChildren().add(Panels.line(words, renumber));
        }
        table(end, comparison);
        deciding.getChildren().clear();
        List<Deciding.Proposal> proposals = Deciding.proposals(end);
        if (!proposals.isEmpty() && comparison.relations().isEmpty()) {
            deciding.getChildren().add(Panels.heading(t("compare.deciding")));
            for (Deciding.Proposal proposal : proposals.subList(0, Math.min(2, proposals.size()))) {
                deciding.getChildren().add(new DecidingCard(proposal, reading -> edit(e -> Deciding
                        .settle(e.withPortReading(reading)))));
            }
        }
    }

    private void table(End end, SourceComparison comparison) {
        grid.getChildren().clear();
        grid.getColumnConstraints().clear();
        grid.getColumnConstraints().add(new ColumnConstraints(60));
        int column = 0;
        grid.add(Panels.quiet(t("ends.contact")), column++, 0);
        for (String source : comparison.sources()) {
            Label head = new Label(Sources.shown(source));
            head.getStyleClass().add("group");
            head.setWrapText(true);
            ColumnConstraints wide = new ColumnConstraints(120, 190, 260);
            grid.getColumnConstraints().add(wide);
            grid.add(head, column++, 0);
        }
        grid.add(Panels.quiet(t("compare.state")), column, 0);
        int line = 1;
        for (SourceComparison.Row row : comparison.rows()) {
            Label contact = new Label(row.contact());
            contact.getStyleClass().add("contact-id");
            grid.add(contact, 0, line);
            boolean differ = row.agreement() == SourceComparison.Agreement.SUBSTANCE;
            for (int k = 0; k < comparison.sources().size(); k++) {
                String source = comparison.sources().get(k);
                String said = row.said().getOrDefault(source, "");
                Label words = new Label(said.isEmpty() ? "\u2013" : said);
                words.getStyleClass().add("mono");
                HBox cell = new HBox(8, words);
                cell.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
                if (differ && !said.isEmpty()) {
                    cell.getStyleClass().add("compare-differs");
                    Button take = new Button(t("compare.take"));
                    take.setId("take-" + row.contact() + "-" + k);
                    take.getStyleClass().add("small");
                    take.setOnAction(_ -> edit(e -> Sources.decide(e, row.contact(), source)));
                    Region space = new Region();
                    HBox.setHgrow(space, Priority.ALWAYS);
                    cell.getChildren().addAll(space, take);
                }
                grid.add(cell, k + 1, line);
            }
            String by = end.row(row.contact()).orElseThrow().sources().stream().filter(Sources::settles)
                    .map(s -> t(
                            s.source().equals(PinSource.MEASURED) ? "compare.by.measured" : "compare.by.hand",
                            Sources.signal(s)))
                    .findFirst().orElse("");
            Label state = new Label(row.agreement() == SourceComparison.Agreement.SETTLED
                    ? by
                    : t("compare."
                            + row.agreement().id()));
            state.getStyleClass().add(differ ? "trouble" : "quiet");
            grid.add(state, comparison.sources().size() + 1, line);
            line++;
        }
    }
}
