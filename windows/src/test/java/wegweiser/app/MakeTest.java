package wegweiser.app;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import wegweiser.app.stage.StageId;
import wegweiser.core.catalog.Termination;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;

/** A window at Make, and a job for each way of joining. */
abstract class MakeTest extends WindowTest {
    record Sample(String connector, Termination way, String cable, List<String> links) {}

    /** One connector for each way of joining. */
    static final List<Sample> SAMPLES = List.of(
            new Sample("dsub-9-socket", Termination.SOLDER_CUP, "serial-9-screened", List.of("2 BN", "3 RD")),
            new Sample("row-254-4-socket", Termination.CRIMP, "control-4", List.of("1 BN", "2 WH")),
            new Sample("box-header-10-socket", Termination.RIBBON, "ribbon-10", List.of("1 1", "2 2")),
            new Sample("m12-a-4-plug", Termination.CIRCULAR_DISPLACEMENT, "sensor-4",
                    List.of("1 BN", "2 WH")),
            new Sample("modular-8p8c-plug", Termination.MODULAR, "utp-4x2-24", List.of("1 WH/OG", "2 OG")),
            new Sample("terminal-4", Termination.SCREW, "control-4", List.of("1 BN", "2 WH")),
            new Sample("jack-3.5-trs-plug", Termination.JACK_SOLDER, "audio-2-screened",
                    List.of("tip RD", "ring WH")),
            new Sample("modular-8p8c-socket", Termination.PUNCH_DOWN, "utp-4x2-24",
                    List.of("1 WH/OG", "2 OG")),
            new Sample("usb-a-plug", Termination.SPLICE, "usb2", List.of("1 RD", "4 BK")),
            new Sample("circular-4", Termination.POTTED, "sensor-4", List.of("1 BN", "2 WH")));

    static Job job(Sample sample) {
        End one = End.of("A", "Mast logger", sample.connector(), List.of())
                .withTermination(Optional.of(sample.way().id()));
        List<Link> links = new ArrayList<>();
        List<PinRow> rows = new ArrayList<>();
        for (String link : sample.links()) {
            String[] two = link.split(" ");
            rows.add(PinRow.named(two[1]));
            links.add(Link.of("A." + two[0], "B." + two[1]).withConductor(Optional.of(two[1])));
        }
        return Job.of("joined by " + sample.way().id(),
                List.of(one, End.of("B", "Sky sensor", End.LEADS, rows)),
                links, List.of()).withCable(CableUse.of(sample.cable(), 1500));
    }

    void put(Job job) {
        edit(_ -> job);
        await("the job", () -> job().title().equals(job.title()));
        List<Step> steps = BenchSteps.of(job, true);
        await("its steps", () -> lookup("#step-" + (steps.size() + 1)).tryQuery().isEmpty() && steps.stream()
                .allMatch(s -> lookup("#step-" + s.n()).tryQuery()
                        .filter(row -> from(row).lookup(s.text()).tryQuery().isPresent()).isPresent()));
    }

    BenchProgress progress() {
        Job job = job();
        return new BenchProgress(BenchSteps.of(job, true), job, Instant.now());
    }

    BenchProgress progress(List<Step> steps) {
        return new BenchProgress(steps, job(), Instant.now());
    }

    @BeforeEach
    void toMake() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("make", () -> window.here() == StageId.MAKE);
    }
}
