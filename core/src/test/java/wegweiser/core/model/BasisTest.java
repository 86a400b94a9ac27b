package wegweiser.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;

/** What is said of changes after the plan and after the readings. */
class BasisTest {
    private static Job edit(Job job, UnaryOperator<Job> edit) {
        return Basis.marked(job, edit.apply(job));
    }

    private static Job planned() {
        Job ends = TextJob.of("A dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground",
                "B dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground");
        return edit(ends, j -> j.withLinks(List.of(Link.of("A.2", "B.3"), Link.of("A.5", "B.5"))));
    }

    @Test
    void endsThatChangeAfterThePlanAreSeen() {
        Job job = planned();
        assertThat(Basis.endsChanged(job)).isFalse();
        assertThat(Basis.endsChanged(edit(job, j -> j.withTitle("other")))).isFalse();
        Job changed = edit(job, j -> j.withEnd("B", e -> e.withConnector("dsub-9-plug")));
        assertThat(Basis.endsChanged(changed)).isTrue();
        assertThat(
                Basis.endsChanged(edit(changed, j -> j.withEnd("B", e -> e.withConnector("dsub-9-socket")))))
                .as("changed back").isFalse();
        assertThat(Basis.endsChanged(edit(changed, j -> j.withLinks(List.of(Link.of("A.2", "B.3"))))))
                .as("planned anew")
                .isFalse();
        assertThat(Basis.endsChanged(edit(job, j -> j.withEnd("A", e -> e.withRow(PinRow.named("7"))))))
                .isTrue();
    }

    @Test
    void aPlanThatChangesAfterTheReadingsIsSeen() {
        Job tested = edit(planned(), j -> j.withReading(Reading.beep("A.2", "B.3")));
        assertThat(Basis.planChanged(tested)).isFalse();
        Job other = edit(tested, j -> j.withLinks(List.of(Link.of("A.2", "B.2"))));
        assertThat(Basis.planChanged(other)).isTrue();
        assertThat(Basis.planChanged(edit(tested, j -> j.withLinks(
                j.links().stream().map(l -> l.withConductor(java.util.Optional.of("BN"))).toList()))))
                .as("another colour").isFalse();
        assertThat(Basis.planChanged(edit(other, j -> j.withReading(Reading.silent("A.2", "B.3")))))
                .isFalse();
        assertThat(Basis.planChanged(edit(other, j -> j.withReadings(List.of())))).isFalse();
    }

    @Test
    void aJobWithoutMarksSaysNothing() {
        Job job = planned().withBasis(Basis.NONE);
        assertThat(Basis.endsChanged(job.withEnd("B", e -> e.withConnector("dsub-9-plug")))).isFalse();
        assertThat(Basis.planChanged(job)).isFalse();
    }
}
