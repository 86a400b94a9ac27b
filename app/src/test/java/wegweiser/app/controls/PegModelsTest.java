package wegweiser.app.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class PegModelsTest {
    private static final Job JOB = Job.of("x",
            List.of(End.of("A", "", "modular-6p6c-plug", List.of()),
                    End.of("B", "", "modular-6p6c-plug", List.of())),
            List.of(Link.of("A.1", "B.1"), Link.of("A.2", "B.2").withConductor(Optional.of("RD")),
                    Link.of("A.3", "B.3").withPart(Part.of(PartKind.CUT)),
                    Link.of("A.4", "B.4").withPart(Part.resistor(100)),
                    Link.of("A.5", "A.6").withPart(Part.of(PartKind.JUMPER))),
            List.of());

    @Test
    void thePlanShowsPegsCutsPartsAndBrackets() {
        PegModel model = PegModels.planned(JOB, facing(JOB));
        assertThat(model.cell(0, 0)).isEqualTo(PegCell.PLANNED);
        assertThat(model.cell(2, 2)).isEqualTo(PegCell.CUT);
        assertThat(model.cell(3, 3)).isEqualTo(PegCell.PART);
        assertThat(model.cell(0, 1)).isEqualTo(PegCell.EMPTY);
        assertThat(model.rowBrackets()).containsExactly(new PegModel.Bracket(4, 5, false));
        assertThat(model.columns().get(1).colour()).isEqualTo("RD");
    }

    @Test
    void proofShowsPlanAndMeasurementAtOnce() {
        Job tested = JOB.withReading(Reading.beep("A.1", "B.1")).withReading(Reading.silent("A.2", "B.2"))
                .withReading(Reading.beep("A.5", "B.6"));
        PegModel model = PegModels.proved(tested, facing(tested), Evidence.of(tested),
                Optional.of(Touch.of(Terminal.parse("A.4"), Terminal.parse("B.4"))));
        assertThat(model.cell(0, 0)).isEqualTo(PegCell.PLANNED_PROVED);
        assertThat(model.cell(1, 1)).isEqualTo(PegCell.MISSING);
        assertThat(model.cell(4, 5)).isEqualTo(PegCell.UNPLANNED);
        assertThat(model.target()).contains(new PegModel.Target(List.of(3), List.of(3)));
        assertThat(model.target().orElseThrow().isCell()).isTrue();
    }

    @Test
    void whatIsKnownKeepsItsFourStates() {
        Job read = JOB.withReading(Reading.beep("A.1", "B.2")).withReading(Reading.silent("A.1", "A.2"));
        PegModel model = PegModels.known(read, facing(read), Evidence.of(read), Optional.empty());
        assertThat(model.cell(0, 1)).isEqualTo(PegCell.JOINED);
        assertThat(model.cell(1, 1)).isEqualTo(PegCell.APART_FOLLOWS);
        assertThat(model.cell(0, 0)).isEqualTo(PegCell.ASSUMED);
        assertThat(model.cell(5, 5)).isEqualTo(PegCell.EMPTY);
    }

    @Test
    void aJobWithOneEndHasNoBoard() {
        Job one = Job.of("x", List.of(End.of("A", "", "leads", List.of())), List.of(), List.of());
        assertThat(PegModels.planned(one, facing(one))).isEqualTo(PegModel.EMPTY);
        assertThat(PegModels.known(one, facing(one), Evidence.of(one), Optional.empty()))
                .isEqualTo(PegModel.EMPTY);
    }

    @Test
    void aMeterWritesItsReadingsAsMetersDo() {
        assertThat(MeterDisplay.text(new Outcome.Resistance(0.4))).isEqualTo("0.4 Ω");
        assertThat(MeterDisplay.text(new Outcome.Resistance(119.6))).isEqualTo("119.6 Ω");
        assertThat(MeterDisplay.text(new Outcome.Resistance(47000))).isEqualTo("47 kΩ");
        assertThat(MeterDisplay.text(new Outcome.Resistance(2.2e6))).isEqualTo("2.2 MΩ");
        assertThat(MeterDisplay.text(new Outcome.Voltage(0.61))).isEqualTo("0.61 V");
        assertThat(MeterDisplay.text(Outcome.OPEN)).isEqualTo("OL");
    }

    private static Facing facing(Job job) {
        return Facing.of(job, Optional.empty(), Optional.empty());
    }

    @Test
    void theTouchedEndsFaceEachOtherUnlessOthersWereChosen() {
        Job three = Job.of("light panels", java.util.stream.Stream.of("A", "B", "C")
                .map(n -> wegweiser.core.model.End.of(n, "", "dsub-9-plug", List.of())).toList(), List.of(),
                List.of());
        Optional<wegweiser.core.model.Touch> touch = Optional.of(wegweiser.core.model.Touch.of(
                wegweiser.core.model.Terminal.parse("C.1"), wegweiser.core.model.Terminal.parse("B.2")));
        assertThat(Facing.of(three, Optional.empty(), Optional.empty())).isEqualTo(new Facing("A", "B"));
        assertThat(Facing.of(three, Optional.empty(), touch)).isEqualTo(new Facing("B", "C"));
        assertThat(Facing.of(three, Optional.of(new Facing("A", "C")), touch))
                .isEqualTo(new Facing("A", "C"));
        assertThat(Facing.of(three, Optional.of(new Facing("A", "D")), touch))
                .isEqualTo(new Facing("B", "C"));
        PegModel model = PegModels.known(three, new Facing("B", "C"), Evidence.of(three), touch);
        assertThat(model.rows()).allSatisfy(h -> assertThat(h.terminal().end()).isEqualTo("B"));
        assertThat(model.target()).hasValueSatisfying(t -> assertThat(t.isCell()).isTrue());
    }
}
