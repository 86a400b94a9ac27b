package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

class PegsTest {
    private static final Terminal A1 = new Terminal("A", "1");
    private static final Terminal B1 = new Terminal("B", "1");

    private static Job job() {
        return Allocation.anew(
                TextJob.of("A dsub-9-socket", "B dsub-9-socket", "cable alarm-6 2", "links 1-1 2-2 3-3"));
    }

    private static Optional<String> conductor(Job job, Terminal at) {
        return job.links().stream().filter(l -> l.touches(at)).findFirst().flatMap(Link::conductor);
    }

    @Test
    void aPegIsSetAndLiftedAndWhatFollowsIsLeftAlone() {
        Job lifted = Pegs.turned(job(), B1, A1);
        assertThat(lifted.links()).hasSize(2);
        assertThat(Pegs.turned(lifted, A1, B1).links()).hasSize(3).allMatch(l -> l.conductor().isPresent());
        Job jumped = Pegs.turned(job(), A1, new Terminal("A", "2"));
        assertThat(Pegs.turned(jumped, A1, new Terminal("B", "2"))).isEqualTo(jumped);
    }

    @Test
    void aConductorGoesToTheLinkThatItIsChosenFor() {
        Job job = job();
        String taken = conductor(job, new Terminal("A", "2")).orElseThrow();
        Job chosen = Pegs.onConductor(job, job.links().getFirst(), taken);
        assertThat(conductor(chosen, A1)).contains(taken);
        assertThat(chosen.links().getFirst().pinned()).isTrue();
        assertThat(conductor(chosen, new Terminal("A", "2"))).isPresent().isNotEqualTo(Optional.of(taken));
        assertThat(chosen.links().stream().map(Link::conductor)).doesNotHaveDuplicates();
    }

    @Test
    void aConductorThatIsToBeSpareIsUsedByNobody() {
        Job job = job();
        String was = conductor(job, A1).orElseThrow();
        Job spared = Pegs.spared(job, was);
        assertThat(spared.links()).hasSize(3).allMatch(l -> l.conductor().isPresent())
                .noneMatch(l -> l.conductor().equals(Optional.of(was)));
    }
}
