package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wegweiser.core.RandomLooms;
import wegweiser.core.TextJob;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;

/** Looms step by step, as hands make them. */
class LoomStepsTest {
    private static final String[] PANELS = {"A terminal-2", "B terminal-2", "C terminal-2",
            "loom A-fork:0.8 fork-B:0.4 fork-C:0.3", "wires RD:18 RD.2:20 RD.3:20 BN:20 GN:20",
            "splice S1 fork A.1=RD B.1=RD.2 C.1=RD.3", "links A.1-B.1 A.1-C.1 A.2-B.2:BN A.2-C.2:GN"};

    private static List<String> texts(Job job) {
        return BenchSteps.of(job, true).stream().map(Step::text).toList();
    }

    @Test
    void eachBranchNamesItsWiresAndItsLength() {
        assertThat(texts(TextJob.of(PANELS))).contains(
                "At fork, lead RD.2 BN to B; RD.3 GN to C",
                "Splice S1: join RD (18 AWG), RD.2 (20 AWG) and RD.3 (20 AWG)", "RD.2 into terminal 1");
        assertThat(BenchSteps.of(TextJob.of(PANELS), true)).anyMatch(s -> s.detail()
                .endsWith("fork lies 0.80 m from A. From there it is 0.40 m to B and 0.30 m to C."));
    }

    @Test
    void aSpliceIsTriedBeforeItIsCovered() {
        assertThat(BenchSteps.of(TextJob.of(PANELS), true)).extracting(Step::key)
                .containsSubsequence(":cut", ":branch:fork", ":splice:S1:bare", ":splice:S1:sleeve",
                        ":splice:S1:join", ":splice:S1:test", ":splice:S1:cover", "A:test", "B:test",
                        "C:test");
    }

    @Test
    void aSplicedContactBeepsWithWhatIsThereByThen() {
        List<Step> steps = BenchSteps.of(TextJob.of(PANELS), true);
        assertThat(steps).anySatisfy(s -> {
            assertThat(s.text()).isEqualTo("RD into terminal 1");
            assertThat(s.check()).contains("beeps with the far ends of RD.2 and RD.3");
        });
        assertThat(steps).anySatisfy(s -> {
            assertThat(s.text()).isEqualTo("RD.3 into terminal 1");
            assertThat(s.check()).contains("beeps with A.1");
        });
    }

    @Test
    void everyWireIsCutToItsOwnLength() {
        CutList cut = CutList.of(TextJob.of(PANELS)).orElseThrow();
        assertThat(cut.wires()).extracting(CutList.Wire::wire).containsExactly("RD", "RD.2", "RD.3", "BN",
                "GN");
        assertThat(cut.wires()).extracting(w -> w.mm() > 800).containsExactly(true, false, false, true, true);
        assertThat(cut.totalMm()).isEqualTo(cut.wires().stream().mapToDouble(CutList.Wire::mm).sum());
        assertThat(cut.pieceMm()).isEqualTo(cut.wires().stream().mapToDouble(CutList.Wire::mm).max()
                .getAsDouble());
        assertThat(cut.wires().getFirst().way()).containsExactly("A", "fork");
    }

    @Test
    void sleevesOfSplicesAreAmongTheParts() {
        assertThat(Materials.parts(TextJob.of(PANELS))).extracting(Materials.Item::words)
                .anyMatch(words -> words.contains("sleeve 3.2 mm") || words.contains("sleeve 4.8 mm"));
    }

    @Test
    void aSheathedLoomIsOpenedWhereItBranches() {
        Job job = TextJob.of("A terminal-4", "B terminal-2", "C terminal-2", "cable control-4",
                "loom A-fork:0.8 fork-B:0.4 fork-C:0.3", "links A.1-B.1:WH A.2-B.2:BN A.3-C.1:GN");
        assertThat(texts(job)).contains(
                "At fork, open the sheath: WH BN to B; GN to C");
        assertThat(CutList.of(job).orElseThrow().wires()).as("one cable is cut").isEmpty();
    }

    @Test
    void everyPieceOfALoomHasItsBranchPoints() {
        Job job = TextJob.of("A terminal-4", "B terminal-2", "C terminal-2", "D terminal-2", "E terminal-2",
                "F terminal-2", "loom A-one:0.8 one-B:0.4 one-C:0.3 D-two:0.2 E-two:0.1 two-F:0.3",
                "wires WH:24 BN:24 GN:24 YE:24", "links A.1-B.1:WH A.2-C.1:BN D.1-E.1:GN D.2-F.1:YE");
        assertThat(texts(job)).contains("At one, lead WH to B; BN to C",
                "At two, lead GN to E; YE to F");
    }

    /** Thousands of looms are built as their steps say, and each branch point and each wire has its step. */
    @Test
    void everyLoomCanBeBuiltAsItsStepsSay() {
        for (long seed = 0; seed < 1000; seed++) {
            Job job = RandomLooms.of(seed);
            List<Step> steps = BenchSteps.of(job, seed % 4 < 2);
            assertThat(Hands.build(job, steps)).as("%d", seed).isEmpty();
            Assembly assembly = Assembly.of(Derived.of(job));
            List<String> ledOut = steps.stream().map(Step::deed)
                    .flatMap(d -> d instanceof Deed.LeadOut out ? Stream.of(out.place()) : Stream.empty())
                    .toList();
            List<String> branching = assembly.branchPoints().stream()
                    .filter(p -> assembly.runs().stream().filter(r -> r.touches(p)).count() > 1).toList();
            assertThat(ledOut).as("%d", seed).containsExactlyInAnyOrderElementsOf(branching);
            CutList cut = CutList.of(job).orElseThrow();
            for (CutList.Wire wire : cut.wires()) {
                assertThat(wire.mm()).as("%d %s", seed, wire)
                        .isGreaterThan(assembly.lengthMm(wire.wire()).getAsDouble());
            }
        }
    }
}
