package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.chart.LineChart;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Rectangle;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;

/** What lies beside the steps at Make: lengths, parts, sizing, paper, and plans for several cables. */
class MakePanelsTest extends MakeTest {
    @Test
    void aStripTemplateIsAsLongAsItSays() {
        put(job(SAMPLES.getFirst()));
        keys(KeyCode.SPACE);
        keys(KeyCode.SPACE);
        await("strip", () -> lookup("#strip").tryQuery().filter(n -> n.isVisible()).isPresent());
        call(() -> {
            lookup("#strip-fit").<Button>query().fire();
            return null;
        });
        await("the card", () -> lookup("#screen-ruler-size").tryQuery().isPresent());
        call(() -> {
            lookup("#screen-ruler-size").<Slider>query().setValue(5);
            lookup("#screen-ruler-fits").<Button>query().fire();
            return null;
        });
        await("the sheath, 12 mm of it", () -> lookup(".strip-sheath").<Rectangle>tryQuery()
                .filter(r -> Math.abs(r.getWidth() - 60) < 0.01).isPresent());
    }

    @Test
    void theWayIsTakenStretchByStretch() {
        put(job(SAMPLES.getFirst()));
        call(() -> {
            lookup("#cable-way").<Button>query().fire();
            return null;
        });
        await("the list", () -> lookup("#way-text").tryQuery().isPresent());
        call(() -> {
            lookup("#way-text").<TextArea>query()
                    .setText("1 m bend at the pier\n40 cm\nnowhere\n0.6 along the post");
            return null;
        });
        await("understood", () -> shows("3 stretches understood, 1 line not"));
        call(() -> {
            lookup("#way-take").<Button>query().fire();
            return null;
        });
        await("taken",
                () -> job().cable().lengthMm().getAsDouble() == 2000 && job().cable().way().size() == 3);
        await("its bend", () -> shows("1 bend on the way"));
    }

    @Test
    void branchesAreTypedAndThePictureFollows() {
        put(Job.of("panels", List.of(End.of("A", "supply", "terminal-2", List.of()),
                End.of("B", "left panel", "terminal-2", List.of()),
                End.of("C", "right panel", "terminal-2", List.of())),
                List.of(Link.of("A.1", "B.1"), Link.of("A.1", "C.1"), Link.of("A.2", "B.2"),
                        Link.of("A.2", "C.2")),
                List.of()));
        call(() -> {
            lookup("#cable-loom").<Button>query().fire();
            return null;
        });
        await("a first run to each end", () -> lookup("#loom-text").<TextArea>tryQuery()
                .filter(t -> t.getText().equals("A - fork\nfork - B\nfork - C\n")).isPresent());
        await("its picture", () -> lookup("#loom-picture").tryQuery().filter(n -> n.isVisible()).isPresent());
        call(() -> {
            lookup("#loom-text").<TextArea>query()
                    .setText("A - fork 0.9 m\nfork - B 35 cm\nfork - C 0.6\nB - C 0.1\nRD BK 18 AWG");
            return null;
        });
        await("understood", () -> shows("4 lines understood, 1 not"));
        await("the picture says it",
                () -> lookup("#loom-picture").tryQuery().filter(n -> n.getAccessibleText()
                        .startsWith("A to fork, 0.90 m, 4 wires; fork to B, 0.35 m")).isPresent());
        call(() -> {
            lookup("#loom-splice").<Button>query().fire();
            return null;
        });
        await("spliced", () -> lookup("#loom-text").<TextArea>query().getText().contains("S2 at fork: A.2"));
        await("all of it", () -> shows("lines understood. The longest"));
        call(() -> {
            lookup("#loom-take").<Button>query().fire();
            return null;
        });
        await("taken", () -> job().cable().loom().runs().size() == 3
                && job().cable().loom().splices().size() == 2
                && job().cable().lengthMm().getAsDouble() == 1500);
        await("its steps", () -> shows("At fork, lead"));
        assertThat(lookup("#cable-length").query().isDisabled()).as("the runs say how long it is").isTrue();
    }

    @Test
    void labelsAreWrittenForBothEnds() {
        put(job(SAMPLES.getFirst()));
        act("Write labels");
        await("which", () -> shows("Numbers of the units"));
        write("W-0007 to W-0009", 0);
        keys(KeyCode.ENTER);
        await("written", () -> shows("Labels for 3 units were written"));
        assertThat(folder.resolve("sheets")).isDirectoryContaining("glob:**labels.pdf");
    }

    @Test
    void partsAreCopiedAsTextForAnOrder() {
        put(job(SAMPLES.getFirst()));
        await("parts", () -> lookup("#parts-copy").tryQuery().isPresent());
        call(() -> {
            lookup("#parts-copy").<Button>query().fire();
            return null;
        });
        await("said", () -> shows("The parts are in the clipboard."));
        assertThat(call(() -> Clipboard.getSystemClipboard().getString())).contains("1 × D-sub 9");
    }

    /** Does something by its words. */
    private void act(String words) {
        keys(KeyCode.CONTROL, KeyCode.K);
        await("finder", () -> lookup("#find-field").tryQuery().isPresent());
        write(words, 0);
        keys(KeyCode.ENTER);
    }

    @Test
    void theSheetIsLookedAtBeforeItIsPrinted() {
        put(job(SAMPLES.getFirst()));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
        await("pages", () -> lookup("#print").tryQuery().isPresent() && shows("of A4"));
        assertThat(lookup(".paper").<ImageView>queryAll()).isNotEmpty();
        call(() -> {
            lookup("#print-save").<Button>query().fire();
            return null;
        });
        await("written", () -> shows("The sheet was written"));
    }

    @Test
    void severalCablesArePlannedByTheClock() {
        put(job(SAMPLES.getLast()));
        keys(KeyCode.B);
        await("five", () -> shows("5 cables are ready at"));
        call(() -> {
            lookup("#batch-units").<Spinner<Integer>>query().getValueFactory().setValue(3);
            return null;
        });
        await("three", () -> shows("3 cables are ready at") && shows("cable 3 at"));
        assertThat(lookup(".timetable-block").queryAll()).hasSizeGreaterThan(6);
        keys(KeyCode.ESCAPE);
        await("closed", () -> lookup("#batch").tryQuery().isEmpty());
    }

    @Test
    void anotherLengthIsTriedAndTaken() {
        PinRow supply = PinRow.named("1").withSignal("V+").withVolts(12, 12);
        Job job = Job.of("Light panels",
                List.of(End.of("A", "Supply", "terminal-2",
                        List.of(supply.withDirection(Direction.SUPPLY_OUT),
                                PinRow.named("2").withSignal("GND").withDirection(Direction.GROUND))),
                        End.of("B", "Panel", "terminal-2",
                                List.of(supply.withDirection(Direction.SUPPLY_IN).withAmps(1.5),
                                        PinRow.named("2").withSignal("GND")
                                                .withDirection(Direction.GROUND)))),
                List.of(Link.of("A.1", "B.1").withConductor(Optional.of("RD")),
                        Link.of("A.2", "B.2").withConductor(Optional.of("BK"))),
                List.of()).withCable(CableUse.of("silicone-pair-20", 12000));
        put(job);
        await("too much is lost", () -> shows("Would do: "));
        keys(KeyCode.L);
        await("curves", () -> lookup(".chart").<LineChart<Number, Number>>tryQuery()
                .filter(c -> c.getData().size() > 1).isPresent());
        call(() -> {
            lookup("#sizing-length").<Slider>query().setValue(2);
            return null;
        });
        await("it fits", () -> lookup("#sizing").lookup(".state-error").tryQuery().isEmpty());
        call(() -> {
            lookup("#sizing-use").<Button>query().fire();
            return null;
        });
        await("taken", () -> job().cable().lengthMm().getAsDouble() == 2000);
    }
}
