package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wegweiser.app.controls.Form;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.library.Library;
import wegweiser.core.model.Job;

/** Asks for two devices and their ports. */
final class TwoPorts extends VBox {
    private final Library library;
    private final TextField nearDevice = new TextField();
    private final TextField farDevice = new TextField();
    private final Picker<PortChoice> near;
    private final Picker<PortChoice> far;
    private Runnable whole = () -> {};

    TwoPorts(Library library) {
        super(8);
        this.library = library;
        PortSearch search = PortSearch.ofDevices(library);
        near = new Picker<>("port-a", t("port.prompt"), search::find, _ -> farDevice.requestFocus());
        far = new Picker<>("port-b", t("port.prompt"), search::find, _ -> whole.run());
        nearDevice.setId("device-a");
        farDevice.setId("device-b");
        nearDevice.setPromptText(t("join.device.prompt"));
        farDevice.setPromptText(t("join.device.prompt"));
        nearDevice.setOnAction(_ -> near.begin());
        farDevice.setOnAction(_ -> far.begin());
        getChildren().addAll(Form.asked(t("join.first"), nearDevice), Form.asked(t("join.port"), near),
                Form.asked(t("join.second"), farDevice), Form.asked(t("join.port"), far));
    }

    /** Puts the cursor into the first field; {@code then} is run when the last answer was given. */
    void begin(Runnable then) {
        whole = then;
        nearDevice.requestFocus();
    }

    /** The job that joins them; empty as long as a port is missing. */
    Optional<Job> job() {
        if (near.choice().isEmpty() || far.choice().isEmpty()) {
            return Optional.empty();
        }
        Catalogue catalogue = library.catalogue();
        String first = name(nearDevice, t("join.unnamed-first"));
        String second = name(farDevice, t("join.unnamed-second"));
        Job job = Job.of(t("join.title", first, second),
                List.of(near.choice().get().towards("A", first, catalogue),
                        far.choice().get().towards("B", second, catalogue)),
                List.of(), List.of());
        return Optional.of(Own.with(job, library));
    }

    private static String name(TextField field, String otherwise) {
        return field.getText().isBlank() ? otherwise : field.getText().strip();
    }
}
