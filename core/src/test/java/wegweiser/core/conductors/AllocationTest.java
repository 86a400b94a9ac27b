package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;
import wegweiser.core.rules.Rules;

class AllocationTest {
    private static List<String> given(List<Link> links) {
        return links.stream().map(Link::conductor).flatMap(Optional::stream).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"utp-4x2-24", "flat-6", "control-10-screened", "audio-2-screened", "rainbow-10",
            "serial-2x2-screened", "usb2", "sensor-3"})
    void noConductorIsGivenTwiceAndNoneThatIsNotThere(String stock) {
        CableStock cable = Cables.find(stock).orElseThrow();
        SplittableRandom random = new SplittableRandom(stock.hashCode());
        for (int round = 0; round < 60; round++) {
            Job job = Samples.random("dsub-9-socket", "dsub-9-plug", random)
                    .withCable(CableUse.of(stock, 1000));
            List<Link> links = Allocation.of(job, job.links());
            assertThat(links).hasSameSizeAs(job.links());
            assertThat(given(links)).doesNotHaveDuplicates();
            assertThat(cable.conductors()).containsAll(given(links));
            long across = links.stream().filter(l -> !l.isWithinOneEnd()).count();
            assertThat(given(links)).hasSize((int) Math.min(across, cable.conductors().size()));
            assertThat(Allocation.of(job, links)).isEqualTo(links);
        }
    }

    @Test
    void aConductorThatAPersonChoseStays() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "1-1 2-2")
                .withCable(CableUse.of("utp-4x2-24", 1000));
        List<Link> links = new ArrayList<>(job.links());
        links.set(1, links.get(1).withConductor(Optional.of("WH/OG")));
        List<Link> done = Allocation.of(job, links);
        assertThat(done.get(1).conductor()).contains("WH/OG");
        assertThat(done.get(0).conductor()).isPresent().isNotEqualTo(Optional.of("WH/OG"));
    }

    @Test
    void aConductorThatAPersonChoseStaysWhenAnotherWayIsTaken() {
        Job job = TextJob.of("A dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground",
                "B dsub-9-socket; 2 RXD in rs232; 3 TXD out rs232; 5 GND ground", "cable utp-4x2-24 2");
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        Job chosen = planned.withLinks(planned.links().stream()
                .map(l -> l.touches(new Terminal("A", "5")) ? l.withPinned("BN") : l).toList());
        for (Scheme scheme : Router.schemes(chosen)) {
            assertThat(scheme.links()).filteredOn(Link::pinned).singleElement()
                    .satisfies(l -> assertThat(l.conductor()).contains("BN"));
            assertThat(given(scheme.links())).doesNotHaveDuplicates();
        }
    }

    /** Each stretch of a chain is a piece of cable with all its conductors. */
    @Test
    void aChainThatGrowsByHandKeepsItsColours() {
        Job job = TextJob.of("A terminal-4", "B terminal-4", "C terminal-4", "cable sensor-4 2",
                "links A.1-B.1:BN A.2-B.2:WH A.3-B.3:BU A.4-B.4:BK B.1-C.1 B.2-C.2 B.3-C.3 B.4-C.4");
        List<Link> done = Allocation.of(job, job.links());
        assertThat(given(done)).containsExactly("BN", "WH", "BU", "BK", "BN", "WH", "BU", "BK");
        Job pinned = job.withLinks(done.stream()
                .map(l -> l.joins(new Terminal("A", "1"), new Terminal("B", "1"))
                        ? l.withPinned("BK")
                        : l.touches(new Terminal("A", "4")) ? l.withPinned("BN") : l)
                .toList());
        List<String> anew = given(Allocation.anew(pinned).links());
        assertThat(anew).hasSize(8).startsWith("BK").contains("BN");
        assertThat(anew.get(3)).isEqualTo("BN");
        assertThat(anew.subList(4, 8)).isEqualTo(anew.subList(0, 4)).doesNotHaveDuplicates();
    }

    @Test
    void halvesOfADifferentialSignalShareAPair() {
        Job job = Samples.job("usb-a-plug", "usb-b-plug", "1-1 2-2 3-3 4-4")
                .withCable(CableUse.of("usb2", 1000));
        job = job.withEnd(job.ends().get(0)
                .withPinout(List.of(Samples.supply("1", Direction.SUPPLY_OUT, 5, 0.5),
                        PinRow.of("2", "D-", Direction.BOTH, "usb2"),
                        PinRow.of("3", "D+", Direction.BOTH, "usb2"),
                        PinRow.of("4", "GND", Direction.GROUND, ""))));
        List<Link> done = Allocation.of(job, job.links());
        assertThat(given(done)).containsExactlyInAnyOrder("RD", "WH", "GN", "BK");
        assertThat(done.get(0).conductor()).contains("RD");
        assertThat(done.get(3).conductor()).contains("BK");
        assertThat(Rules.check(job.withLinks(done))).noneMatch(f -> f.rule().equals("pair-split"));
    }

    @Test
    void jumpersAndCutEndsTakeNone() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "").withCable(CableUse.of("utp-4x2-24", 1000));
        List<Link> links = List.of(Link.of("A.7", "A.8").withPart(Part.of(PartKind.JUMPER)),
                Link.of("A.1", "B.1"));
        List<Link> done = Allocation.of(job, links);
        assertThat(done.get(0).conductor()).isEmpty();
        assertThat(done.get(1).conductor()).isPresent();
    }

    @Test
    void withoutACableNothingChanges() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "1-1 2-2");
        assertThat(Allocation.of(job, job.links())).isEqualTo(job.links());
        Job unknown = job.withCable(CableUse.of("a cable nobody knows", 1000));
        assertThat(Allocation.of(unknown, unknown.links())).isEqualTo(job.links());
    }

    /** Colours by position, written by hand after TIA-568. */
    @Test
    void networkPlugsFollowTheStandardThatIsChosen() {
        Job job = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8")
                .withCable(CableUse.of("utp-4x2-24", 1000));
        job = job.withEnds(job.ends().stream()
                .map(e -> e.withPinout(Catalogue.of(Job.of("", List.of(e), List.of(), List.of())).of(e)
                        .orElseThrow().pinIds().stream()
                        .map(c -> PinRow.named(c).withLevel(Optional.of("ethernet"))
                                .withDirection(Direction.BOTH))
                        .toList()))
                .toList());
        List<String> b = List.of("WH/OG", "OG", "WH/GN", "BU", "WH/BU", "GN", "WH/BN", "BN");
        List<String> a = List.of("WH/GN", "GN", "WH/OG", "BU", "WH/BU", "OG", "WH/BN", "BN");
        assertThat(given(Allocation.of(job, job.links()))).isEqualTo(b);
        Job asA = NetworkColours.follow(job, Schools.Network.T568A);
        assertThat(given(Allocation.of(asA, asA.links()))).isEqualTo(a);
        Job planned = job.withLinks(Allocation.of(job, job.links()));
        Job changed = NetworkColours.follow(planned, Schools.Network.T568A);
        assertThat(given(changed.links())).isEqualTo(a);
        assertThat(given(NetworkColours.follow(changed, Schools.Network.T568A).links())).isEqualTo(a);
        assertThat(given(NetworkColours.follow(changed, Schools.Network.T568B).links())).isEqualTo(b);
    }
}
