package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class SimulatedMeterTest {
    private static SimulatedMeter meter(Link... links) {
        Job job = Job.of("bench", List.of(End.of("A", "", "dsub-9-socket", List.of()),
                End.of("B", "", "dsub-9-socket", List.of())), List.of(links), List.of());
        return new SimulatedMeter(new SimulatedCable(job), MeterTraits.USUAL, 1);
    }

    private static Touch touch(String red, String black) {
        return new Touch(java.util.Arrays.stream(red.split(" ")).map(Terminal::parse).toList(),
                java.util.Arrays.stream(black.split(" ")).map(Terminal::parse).toList());
    }

    private static double ohms(SimulatedMeter meter, String red, String black) {
        return ((Outcome.Resistance) meter.measure(touch(red, black), Mode.OHMS)).ohms();
    }

    @Test
    void copperBeepsAndReadsItsLeads() {
        SimulatedMeter meter = meter(Link.of("A.1", "B.2"));
        assertThat(meter.measure(touch("A.1", "B.2"), Mode.CONTINUITY)).isEqualTo(Outcome.BEEP);
        assertThat(meter.measure(touch("A.1", "B.1"), Mode.CONTINUITY)).isEqualTo(Outcome.SILENT);
        assertThat(ohms(meter, "A.1", "B.2")).isBetween(0.2, 1.0);
        assertThat(meter.measure(touch("A.1", "B.1"), Mode.OHMS)).isEqualTo(Outcome.OPEN);
    }

    @Test
    void aGangBeepsWhenAnyOfItsPairsIsJoined() {
        SimulatedMeter meter = meter(Link.of("A.1", "B.2"));
        assertThat(meter.measure(touch("A.3 A.1", "B.5 B.2"), Mode.CONTINUITY)).isEqualTo(Outcome.BEEP);
        assertThat(meter.measure(touch("A.3 A.1", "B.5 B.1"), Mode.CONTINUITY)).isEqualTo(Outcome.SILENT);
    }

    @ParameterizedTest
    @CsvSource({"33,true", "60,false", "120,false"})
    void theBuzzerSoundsThroughSmallResistors(double value, boolean beeps) {
        SimulatedMeter meter = meter(Link.of("A.1", "A.2").withPart(Part.resistor(value)));
        assertThat(meter.measure(touch("A.1", "A.2"), Mode.CONTINUITY))
                .isEqualTo(beeps ? Outcome.BEEP : Outcome.SILENT);
        assertThat(ohms(meter, "A.1", "A.2")).isCloseTo(value + 0.4, within(0.03 * value + 0.5));
    }

    @Test
    void resistorsAddUpInSeriesAndShareInParallel() {
        SimulatedMeter meter = meter(Link.of("A.1", "A.2").withPart(Part.resistor(100)),
                Link.of("A.2", "A.3").withPart(Part.resistor(200)),
                Link.of("A.4", "A.5").withPart(Part.resistor(100)),
                Link.of("A.4", "A.5").withPart(Part.resistor(100)));
        assertThat(ohms(meter, "A.1", "A.3")).isCloseTo(300, within(6.0));
        assertThat(ohms(meter, "A.4", "A.5")).isCloseTo(50, within(2.0));
        assertThat(ohms(meter, "A.1 A.3", "A.2")).isCloseTo(66.7, within(2.5));
    }

    @Test
    void aBridgeIsSolvedAsANetwork() {
        // balanced bridge: no current through the middle, so 2 x 200 in parallel
        SimulatedMeter meter = meter(Link.of("A.1", "A.2").withPart(Part.resistor(100)),
                Link.of("A.1", "A.3").withPart(Part.resistor(100)),
                Link.of("A.2", "A.4").withPart(Part.resistor(100)),
                Link.of("A.3", "A.4").withPart(Part.resistor(100)),
                Link.of("A.2", "A.3").withPart(Part.resistor(47)),
                Link.of("A.6", "A.7").withPart(Part.resistor(10)));
        assertThat(ohms(meter, "A.1", "A.4")).isCloseTo(100, within(3.0));
    }

    @Test
    void aDiodeConductsOneWay() {
        SimulatedMeter meter = meter(Link.of("A.1", "B.1").withPart(Part.of(PartKind.DIODE)));
        assertThat(((Outcome.Voltage) meter.measure(touch("A.1", "B.1"), Mode.DIODE)).volts()).isBetween(0.5,
                0.65);
        assertThat(meter.measure(touch("B.1", "A.1"), Mode.DIODE)).isEqualTo(Outcome.OPEN);
    }

    @Test
    void aCutConductorDoesNotConductAndTheSameSeedReadsTheSame() {
        SimulatedMeter meter = meter(Link.of("A.1", "B.1").withPart(Part.of(PartKind.CUT)));
        assertThat(meter.measure(touch("A.1", "B.1"), Mode.OHMS)).isEqualTo(Outcome.OPEN);
        SimulatedMeter one = meter(Link.of("A.1", "A.2").withPart(Part.resistor(4700)));
        SimulatedMeter other = meter(Link.of("A.1", "A.2").withPart(Part.resistor(4700)));
        for (int k = 0; k < 20; k++) {
            assertThat(one.measure(touch("A.1", "A.2"), Mode.OHMS))
                    .isEqualTo(other.measure(touch("A.1", "A.2"), Mode.OHMS));
        }
    }

    @Test
    void aMeterHasNoReactionMode() {
        assertThatThrownBy(() -> meter().measure(touch("A.1", "B.1"), Mode.REACTION))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
