package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.core.library.Library;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;

/** Asks what is at the two ends of a cable, and for the names of its wires where an end is loose. */
final class TwoEnds extends VBox {
    private final Library library;
    private final List<Picker<PortChoice>> pickers = new ArrayList<>();
    private final List<TextField> wires = new ArrayList<>();
    private Runnable whole = () -> {};

    TwoEnds(Library library, String id) {
        super(8);
        this.library = library;
        PortSearch search = PortSearch.ofCables(library);
        for (int k = 0; k < 2; k++) {
            int end = k;
            TextField named = new TextField();
            named.setPromptText(t("unknown.wires"));
            named.setId(id + "-wires-" + "ab".charAt(k));
            VBox answer = Form.asked(t("unknown.wires.question"), named);
            answer.setVisible(false);
            answer.managedProperty().bind(answer.visibleProperty());
            named.setOnAction(_ -> after(end));
            Picker<PortChoice> picker = new Picker<>(id + "-" + "ab".charAt(k), t("port.prompt"),
                    search::find, choice -> {
                        answer.setVisible(choice.isLoose());
                        if (choice.isLoose()) {
                            named.requestFocus();
                        } else {
                            after(end);
                        }
                    });
            pickers.add(picker);
            wires.add(named);
            getChildren().addAll(Form.asked(t(k == 0 ? "unknown.first" : "unknown.second"), picker), answer);
        }
    }

    private void after(int end) {
        if (end == 0) {
            pickers.get(1).begin();
        } else {
            whole.run();
        }
    }

    /** Puts the cursor into the first field; {@code then} is run when the last answer was given. */
    void begin(Runnable then) {
        whole = then;
        pickers.getFirst().begin();
    }

    /** The job in which the cable is traced; empty as long as an end is missing, or the names of loose wires. */
    Optional<Job> job(String title) {
        List<End> ends = new ArrayList<>();
        for (int k = 0; k < 2; k++) {
            List<String> named = Arrays.stream(wires.get(k).getText().split("[,;]")).map(String::strip)
                    .filter(w -> !w.isEmpty()).distinct().toList();
            Optional<PortChoice> choice = pickers.get(k).choice();
            if (choice.isEmpty() || choice.get().isLoose() && named.isEmpty()) {
                return Optional.empty();
            }
            ends.add(choice.get().asEnd(k == 0 ? "A" : "B", named));
        }
        // a plug with loose wires behind it stays, whatever is put on the wires
        List<String> plugs = ends.stream().filter(e -> !e.connector().equals(End.LEADS)).map(End::name)
                .toList();
        Job job = Job.of(title, ends, List.of(), List.of());
        return Optional.of(Own.with(plugs.size() == 1 ? job.withKept(plugs) : job, library));
    }
}
