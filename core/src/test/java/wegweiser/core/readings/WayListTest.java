package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.make.CutList;
import wegweiser.core.model.Job;
import wegweiser.core.model.Laid;
import wegweiser.core.model.Leg;

class WayListTest {
    private final Job job = TextJob.of("A terminal-2", "B terminal-2", "C terminal-2", "cable control-4 1",
            "links 1-1 A.1-C.1");

    @Test
    void aWayIsUnderstoodAsItIsTyped() {
        TypedLines<Leg> read = WayList.read("""
                # from the cabinet
                0.9 m bend at the pier
                40 cm tie
                1,2 along the post

                branch C 800 mm device light panel
                """, job);
        assertThat(read.open()).isEmpty();
        assertThat(read.values()).containsExactly(Leg.of(900, "at the pier", Leg.At.BEND, Optional.empty()),
                Leg.of(400, "", Leg.At.TIE, Optional.empty()),
                Leg.of(1200, "along the post", Leg.At.POINT, Optional.empty()),
                Leg.of(800, "light panel", Leg.At.DEVICE, Optional.of("C")));
        assertThat(WayList.read(WayList.of(read.values()), job).values()).isEqualTo(read.values());
    }

    @ParameterizedTest
    @ValueSource(strings = {"bend at the pier", "0 m", "-1 m tie", "branch X 1 m", "9999999 m", "1..2 m"})
    void whatIsNoStretchIsSaid(String line) {
        TypedLines<Leg> read = WayList.read("1 m\n" + line, job);
        assertThat(read.values()).hasSize(1);
        assertThat(read.open()).singleElement().satisfies(l -> assertThat(l.why()).endsWith("."));
    }

    @Test
    void theRunIsTheSumAndBranchesAndBendsAreAdded() {
        List<Leg> legs = WayList.read("1 m bend\n1 m\nbranch C 0.5 m", job).values();
        Job along = job.withCable(job.cable().withWay(legs));
        assertThat(along.cable().lengthMm()).hasValue(2000);
        CutList straight = CutList
                .of(job.withCable(job.cable().withLengthMm(2000).withLaid(Laid.BUILDING))).orElseThrow();
        CutList cut = CutList.of(along).orElseThrow();
        // a bend costs about the diameter of the cable, in steps of 5 mm
        assertThat(cut.totalMm() - straight.totalMm()).isBetween(500.0, 520.0);
        assertThat(along.cable().withLengthMm(3000).way()).as("typed as a whole again").isEmpty();
    }

    @Test
    void aRunThatIsTurnedOverAndAStiffCableTakeMore() {
        String turned = "links 1-1:1 2-3:2 3-2:3 4-4:4";
        Job ribbon = TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 1",
                turned);
        Job plain = TextJob.of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 1",
                "links 1-1:1 2-2:2");
        assertThat(CutList.of(ribbon).orElseThrow().totalMm() - CutList.of(plain).orElseThrow().totalMm())
                .isEqualTo(20);
        Job solid = TextJob.of("A dsub-9-socket", "B dsub-9-socket", "cable utp-4x2-24 0.3", "links 1-1");
        Job soft = TextJob.of("A dsub-9-socket", "B dsub-9-socket", "cable patch-4x2-26 0.3", "links 1-1");
        assertThat(CutList.of(asRun(solid)).orElseThrow().totalMm())
                .isGreaterThan(CutList.of(asRun(soft)).orElseThrow().totalMm());
        assertThat(CutList.of(solid).orElseThrow().totalMm()).as("a lead makes no bow")
                .isEqualTo(CutList.of(soft).orElseThrow().totalMm());
    }

    private static Job asRun(Job job) {
        return job.withCable(job.cable().withLaid(Laid.BUILDING));
    }
}
