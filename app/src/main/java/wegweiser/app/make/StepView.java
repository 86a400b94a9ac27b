package wegweiser.app.make;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.DrawingPicture;
import wegweiser.app.controls.FacePanel;
import wegweiser.app.controls.Faces;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.StripTemplate;
import wegweiser.app.stage.Choices;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.LoomDrawing;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.Deed;
import wegweiser.core.make.Step;
import wegweiser.core.make.StripLengths;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Splice;

/** One step: the connector from the side in the hand, or how far to strip in true size, and when it is right. */
final class StepView extends VBox {
    /** From this height on a face is large enough beside a strip template. */
    private static final double BOTH = 440;
    private static final double WIDEST_MM = 130;

    private final FacePanel face = new FacePanel();
    /** Where the cable branches, for steps of the cable as a whole. */
    private final DrawingPicture branches = DrawingPicture.filling();
    private final BooleanProperty whole = new SimpleBooleanProperty();
    private final StripTemplate strip;
    private final VBox stripBox;
    private final Label where = new Label();
    private final Label meaning = Panels.quiet("");
    private final Label check = new Label();
    private final Label caution = new Label();

    /** @param fit asks how large the screen really is */
    StepView(Choices choices, Runnable fit) {
        super(10);
        strip = new StripTemplate(choices.pixelsPerMmProperty());
        Button fits = new Button(t("make.strip.fit"));
        fits.setId("strip-fit");
        fits.getStyleClass().add("text-link");
        fits.setOnAction(_ -> fit.run());
        Label truth = Panels.quiet("");
        truth.textProperty().bind(Bindings.createStringBinding(
                () -> t(choices.fittedProperty().get() ? "make.strip" : "make.strip.unfitted"),
                choices.fittedProperty()));
        stripBox = new VBox(6, truth, strip, fits);
        stripBox.setId("strip");
        where.getStyleClass().add("make-where");
        Panels.whole(check);
        Panels.whole(caution);
        caution.getStyleClass().add("caution");
        for (Label label : List.of(caution, check, meaning)) {
            label.visibleProperty().bind(label.textProperty().isNotEmpty());
            label.managedProperty().bind(label.visibleProperty());
        }
        // the dock says it as well; in a small window the face needs the room more
        where.visibleProperty()
                .bind(where.textProperty().isNotEmpty().and(heightProperty().greaterThan(BOTH)));
        where.managedProperty().bind(where.visibleProperty());
        meaning.setAlignment(Pos.CENTER);
        VBox words = new VBox(6, where, meaning, check, caution);
        words.setAlignment(Pos.CENTER);
        VBox.setVgrow(face, Priority.ALWAYS);
        VBox.setVgrow(this, Priority.ALWAYS);
        stripBox.managedProperty().bind(stripBox.visibleProperty());
        // in a small window there is room for one of them
        face.visibleProperty().bind(whole.not()
                .and(stripBox.visibleProperty().not().or(heightProperty().greaterThan(BOTH))));
        branches.visibleProperty().bind(whole);
        branches.managedProperty().bind(branches.visibleProperty());
        VBox.setVgrow(branches, Priority.ALWAYS);
        face.managedProperty().bind(face.visibleProperty());
        getChildren().addAll(stripBox, face, branches, words);
        managedProperty().bind(visibleProperty());
    }

    void flip() {
        face.flip();
    }

    void show(Job job, Step step) {
        Optional<End> end = job.end(step.end());
        End seen = end.orElse(job.ends().getFirst());
        Optional<StripLengths> lengths = StripLengths.of(job, step);
        stripBox.setVisible(lengths.isPresent());
        lengths.ifPresent(l -> strip.show(l.sheathMm(), l.bareMm(), l.wires()));
        face.show(seen, Catalogue.of(job).of(seen), Faces.marks(seen, step.lit(), Faces.wires(job)));
        Assembly assembly = Assembly.of(Derived.of(job));
        whole.set(end.isEmpty() && !assembly.runs().isEmpty());
        if (whole.get()) {
            branches.draw(Optional.of(LoomDrawing.of(assembly, WIDEST_MM, places(assembly, step))));
        }
        boolean one = step.lit().size() == 1 && !(step.deed() instanceof Deed.Look);
        where.setText(one ? step.lit().getFirst().end() + " · " + step.lit().getFirst().contact() : "");
        meaning.setText(one ? meaning(job, step) : "");
        check.setText(step.check().isEmpty() ? "" : t("make.right-when", step.check()));
        caution.setText(step.caution());
    }

    /** The branch points that a step is about: where wires are led out, or where a splice lies. */
    private static Set<String> places(Assembly assembly, Step step) {
        return step.deed() instanceof Deed.LeadOut out
                ? Set.of(out.place())
                : assembly.splices().stream().filter(s -> s.wires().stream().map(Splice.Tail::to).toList()
                        .equals(step.lit())).map(Splice::at).collect(Collectors.toSet());
    }

    private static String meaning(Job job, Step step) {
        return job.links().stream().filter(l -> l.touches(step.lit().getFirst())).findFirst()
                .flatMap(l -> l.why()).orElse("");
    }
}
