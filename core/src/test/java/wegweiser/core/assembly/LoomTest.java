package wegweiser.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wegweiser.core.RandomLooms;
import wegweiser.core.TextJob;
import wegweiser.core.derived.Derived;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;

/** Branches, splices and wires with a gauge and a length of their own. */
class LoomTest {
    private static final String[] PANELS = {"A terminal-2", "B terminal-2", "C terminal-2",
            "loom A-fork:0.8 fork-B:0.4 fork-C:0.3", "wires RD:18 BK:18 RD.2:20 RD.3:20 BN:20 GN:20",
            "splice S1 fork A.1=RD B.1=RD.2 C.1=RD.3", "links A.1-B.1 A.1-C.1 A.2-B.2:BN A.2-C.2:GN"};

    private static Assembly of(String... lines) {
        return Assembly.of(Derived.of(TextJob.of(lines)));
    }

    @Test
    void aWireLiesInTheRunsBetweenItsEndsAndNowhereElse() {
        Assembly loom = of(PANELS);
        assertThat(loom.runs()).extracting(Run::wires).containsExactly(List.of("RD", "BN", "GN"),
                List.of("RD.2", "BN"), List.of("RD.3", "GN"));
        assertThat(loom.lengthMm("RD")).hasValue(800);
        assertThat(loom.lengthMm("RD.2")).hasValue(400);
        assertThat(loom.lengthMm("BN")).hasValue(1200);
        assertThat(loom.lengthMm("BK")).as("it lies nowhere").isEmpty();
        assertThat(loom.lengthMm("B", "C")).hasValue(700);
    }

    @Test
    void aSplicedContactHasOneWire() {
        Assembly loom = of(PANELS);
        assertThat(loom.at("A").joint("1").orElseThrow().wires()).containsExactly("RD");
        assertThat(loom.at("A").joint("2").orElseThrow().wires()).as("not spliced")
                .containsExactly("BN", "GN");
        assertThat(loom.at("C").present()).containsExactlyInAnyOrder("RD.3", "GN");
        assertThat(loom.at("B").gauges()).containsExactly(20);
        assertThat(loom.at("A").gauges()).containsExactly(18, 20);
    }

    @Test
    void theLengthOfTheCableIsThatOfItsLongestWay() {
        Job job = TextJob.of(PANELS);
        assertThat(job.cable().lengthMm()).hasValue(1200);
        assertThat(job.cable().withLengthMm(2400).loom().lengthMm("A", "fork")).hasValue(1600);
    }

    @Test
    void runsThatLeadInACircleAreSeen() {
        Loom loom = Loom.of(
                List.of(LoomRun.of("A", "P", 1), LoomRun.of("P", "B", 1), LoomRun.of("B", "A", 1)),
                List.of(), List.of());
        assertThat(loom.circle()).hasValue(loom.runs().getLast());
        assertThat(loom.withRuns(loom.runs().subList(0, 2)).circle()).isEmpty();
    }

    /** Every wire of thousands of looms: its runs hang together, end where it does, and their lengths are its length. */
    @Test
    void everyWireIsOneTreeOfRunsFromEndToEnd() {
        int branching = 0;
        for (long seed = 0; seed < 2000; seed++) {
            Job job = RandomLooms.of(seed);
            Assembly assembly = Assembly.of(Derived.of(job));
            for (String wire : Derived.of(job).cable().orElseThrow().conductors()) {
                List<Run> runs = assembly.runs().stream().filter(r -> r.wires().contains(wire)).toList();
                if (runs.isEmpty()) {
                    continue;
                }
                Set<String> reached = new HashSet<>(Set.of(runs.getFirst().from()));
                List<Run> left = new ArrayList<>(runs);
                while (left.removeIf(r -> (reached.contains(r.from()) || reached.contains(r.to()))
                        && (reached.add(r.from()) | reached.add(r.to()) | true))) {
                    // goes on while any run hangs on what was reached
                }
                assertThat(left).as("%d: %s in pieces", seed, wire).isEmpty();
                Set<String> tips = reached.stream()
                        .filter(p -> runs.stream().filter(r -> r.touches(p)).count() == 1)
                        .collect(Collectors.toSet());
                assertThat(assembly.endsOf(wire)).as("%d: %s", seed, wire).containsAll(tips);
                assertThat(assembly.lengthMm(wire).getAsDouble())
                        .isEqualTo(runs.stream().mapToDouble(r -> r.mm().getAsDouble()).sum());
                branching += tips.size() > 2 ? 1 : 0;
            }
        }
        assertThat(branching).as("no wire of these looms is joined by one link only").isZero();
    }

    @Test
    void splicesLeaveEveryContactWithOneWire() {
        int splices = 0;
        for (long seed = 0; seed < 2000; seed++) {
            Job job = Splicing.of(RandomLooms.of(seed));
            Assembly assembly = Assembly.of(Derived.of(job));
            assertThat(Splicing.isAsked(job)).as("%d", seed).isFalse();
            assertThat(Splicing.of(job)).as("done once, nothing is left to do").isEqualTo(job);
            Set<String> wires = new HashSet<>();
            for (Splice splice : assembly.splices()) {
                splices++;
                for (Splice.Tail tail : splice.wires()) {
                    assertThat(wires.add(tail.wire())).as("%d: %s twice", seed, tail.wire()).isTrue();
                    Place place = assembly.at(tail.to().end());
                    assertThat(place.joint(tail.to().contact()).orElseThrow().wires())
                            .containsExactly(tail.wire());
                    assertThat(Derived.of(job).cable().orElseThrow().conductors()).contains(tail.wire());
                }
                assertThat(job.cable().loom().places()).contains(splice.at());
                assertThat(Derived.of(job).nets().netOf(splice.wires().getFirst().to()))
                        .containsAll(splice.wires().stream().map(Splice.Tail::to).toList());
            }
        }
        assertThat(splices).isGreaterThan(1000);
    }

    @Test
    void aSpliceLiesWhereTheWaysPart() {
        Job job = TextJob.of("A terminal-2", "B terminal-2", "C terminal-2", "D terminal-2",
                "loom A-near:0.8 near-D:0.2 near-far:0.4 far-B:0.4 far-C:0.3", "links A.1-B.1 A.1-C.1");
        Splice splice = Splicing.of(job).cable().loom().splices().getFirst();
        assertThat(splice.at()).isEqualTo("far");
        assertThat(splice.wires()).extracting(Splice.Tail::to).extracting(Terminal::toString)
                .containsExactly("A.1", "B.1", "C.1");
    }

    /** No label and no box of a picture lies outside it, and no two ends on each other. */
    @Test
    void picturesHoldAllTheirPlaces() {
        for (long seed = 0; seed < 300; seed++) {
            Assembly assembly = Assembly.of(Derived.of(RandomLooms.of(seed)));
            Drawing drawing = LoomDrawing.of(assembly, 178);
            assertThat(drawing.widthMm()).isLessThanOrEqualTo(178.01);
            List<Drawing.Box> boxes = drawing.shapes().stream()
                    .filter(s -> s instanceof Drawing.Box b && b.role() == Drawing.Role.BODY)
                    .map(s -> (Drawing.Box) s).toList();
            assertThat(boxes).hasSize(assembly.places().size());
            for (Drawing.Box box : boxes) {
                assertThat(box.x()).isBetween(0.0, drawing.widthMm() - box.width());
                assertThat(box.y()).isBetween(0.0, drawing.heightMm() - box.height());
                assertThat(boxes).as("%d: %s", seed, box.id()).noneMatch(o -> o != box
                        && Math.abs(o.x() - box.x()) < box.width()
                        && Math.abs(o.y() - box.y()) < box.height());
            }
        }
    }

    @Test
    void aLinkWithoutAWireIsCounted() {
        Assembly loom = of("A terminal-2", "B terminal-2", "C terminal-2", "loom A-P:1 P-B:1 P-C:1",
                "links A.1-B.1 A.2-C.2");
        assertThat(loom.runs()).extracting(Run::unnamed).containsExactly(2, 1, 1);
        assertThat(loom.links()).extracting(Link::conductor).allMatch(c -> c.isEmpty());
    }
}
