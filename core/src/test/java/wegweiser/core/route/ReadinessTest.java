package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.pinout.Sources;

class ReadinessTest {
    private static Job job(End... ends) {
        return Job.of("x", List.of(ends), List.of(), List.of());
    }

    @Test
    void whatIsMissingIsNamed() {
        End leads = End.of("A", "", End.LEADS, List.of());
        assertThat(Readiness.missing(job(leads))).containsExactly("a second end",
                "the connector or the wire colours of A");
        End mute = End.of("B", "", "dsub-9-plug", List.of(PinRow.named("4").withSignal("MUTE")));
        assertThat(Readiness.missing(job(leads, mute))).contains("the direction of B.4");
        assertThat(Readiness.missing(Samples.twoTerminals(""))).isEmpty();
    }

    @Test
    void manyContactsAreCountedAndNotAllListed() {
        List<PinRow> rows = java.util.stream.IntStream.rangeClosed(1, 50)
                .mapToObj(i -> PinRow.named(String.valueOf(i)).withSignal("ENCODER " + i)).toList();
        assertThat(Readiness
                .missing(job(End.of("A", "", "dsub-50-plug", rows), End.of("B", "", "dsub-50-plug", rows))))
                .contains("the direction of A.1, A.2, A.3, A.4 and 46 more");
    }

    @Test
    void sourcesThatDifferWaitForADecision() {
        List<PinRow> rows = NamedPinout.find("rs232-9-terminal").orElseThrow().rows();
        End one = Sources.add(End.of("A", "", "dsub-9-plug", List.of()), "manual", rows);
        End two = Sources.add(one, "lid", List.of(PinRow.named("3").withSignal("RXD")));
        assertThat(Readiness.missing(job(two, End.of("B", "", "dsub-9-plug", rows))))
                .containsExactly("a choice between the sources for A.3");
        assertThat(
                Readiness.missing(job(Sources.decide(two, "3", "lid"), End.of("B", "", "dsub-9-plug", rows))))
                .isEmpty();
    }
}
