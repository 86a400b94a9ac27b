package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.ListKeys;
import wegweiser.app.controls.Panels;
import wegweiser.app.controls.WholeLine;
import wegweiser.app.stage.Background;
import wegweiser.core.model.Job;
import wegweiser.files.workshop.BenchJob;
import wegweiser.files.workshop.JobIndex;

/** Chooses one of the jobs of the workshop by typing, or something else instead. */
final class JobChoice extends VBox {
    private final TextField field = new TextField();
    private final ListView<BenchJob> list = new ListView<>();
    private final Consumer<BenchJob> chosen;
    private List<BenchJob> all = List.of();

    /** What may be done where none of the jobs is meant. */
    record Instead(String words, Runnable action) {}

    JobChoice(String id, String title, String hint, JobIndex index, Predicate<Job> fits,
            Consumer<BenchJob> chosen,
            Instead instead, Runnable close) {
        super(10);
        this.chosen = chosen;
        setId(id);
        field.setId(id + "-search");
        field.setPromptText(t("bench.search"));
        field.textProperty().addListener(_ -> filter());
        ListKeys.join(field, list, this::take);
        list.setId(id + "-list");
        list.setFocusTraversable(false);
        list.getStyleClass().add("titles");
        list.setPrefSize(560, 220);
        list.setPlaceholder(Panels.quiet(t("choice.none")));
        list.setCellFactory(_ -> new WholeLine<>(BenchJob::title));
        list.setOnMouseClicked(_ -> take());
        Button other = new Button(instead.words());
        other.setId(id + "-instead");
        other.setOnAction(_ -> instead.action().run());
        Button back = new Button(t("own.cancel"));
        back.setOnAction(_ -> close.run());
        getChildren().addAll(Panels.heading(title), Panels.quiet(hint), field, list,
                new HBox(10, other, back));
        setPrefWidth(560);
        Background.errand(() -> read(index, fits), found -> {
            all = found;
            filter();
        });
    }

    private static List<BenchJob> read(JobIndex index, Predicate<Job> fits) {
        List<BenchJob> found = new ArrayList<>();
        try {
            for (Path file : index.files()) {
                BenchJob job = index.read(file);
                if (job.job().filter(fits).isPresent()) {
                    found.add(job);
                }
            }
        } catch (IOException _) {
            // the bench itself says that the folder cannot be listed
            return List.of();
        }
        return found;
    }

    static boolean isPlanned(Job job) {
        return !job.links().isEmpty();
    }

    void begin() {
        field.requestFocus();
    }

    private void filter() {
        list.getItems().setAll(all.stream().filter(j -> j.matches(field.getText())).toList());
        list.getSelectionModel().selectFirst();
    }

    private void take() {
        BenchJob job = list.getSelectionModel().getSelectedItem();
        if (job != null) {
            chosen.accept(job);
        }
    }
}
