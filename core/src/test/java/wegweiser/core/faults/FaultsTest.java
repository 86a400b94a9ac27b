package wegweiser.core.faults;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.TextJob;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.usual.UsualCable;

class FaultsTest {
    private static final Job LEAD = TextJob.of("A dsub-9-socket; 2 RXD in; 3 TXD out; 5 GND ground",
            "B dsub-9-plug; 2 TXD out; 3 RXD in; 5 GND ground", "links 2-2 3-3 5-5");

    private static List<PossibleFault> of(Job job) {
        return Faults.of(Derived.of(job));
    }

    private static List<FaultKind> kinds(Job job, String end) {
        return of(job).stream().filter(f -> f.end().equals(end)).map(PossibleFault::kind).distinct().toList();
    }

    static Stream<UsualCable> cables() {
        return UsualCable.all().stream();
    }

    @ParameterizedTest
    @MethodSource("cables")
    void everyFaultOfAUsualCableLeavesAnotherCable(UsualCable cable) {
        Job job = cable.job();
        assertThat(of(job)).isNotEmpty().allSatisfy(fault -> {
            assertThat(fault.chance()).isPositive().isLessThan(0.05);
            assertThat(fault.links()).as("%s at %s", fault.kind(), fault.at()).isNotEqualTo(job.links());
            assertThat(fault.at()).isNotEmpty();
        });
    }

    @Test
    void nothingGoesWrongAtAnEndThatStays() {
        Job kept = TextJob.of("A m12-a-4-socket", "B m12-a-4-plug", "links 1-1 3-3 4-4", "kept A",
                "cable sensor-4 1");
        assertThat(kinds(kept, "A")).isEmpty();
        assertThat(kinds(kept, "B")).contains(FaultKind.OPEN, FaultKind.SWAPPED);
    }

    @Test
    void aPressedRibbonLiesInItsOrder() {
        Job ribbon = TextJob.of("A box-header-10-socket", "B box-header-10-socket",
                "links 1-1 2-2 3-3 4-4", "cable ribbon-10 1");
        assertThat(kinds(ribbon, "A")).contains(FaultKind.OPEN, FaultKind.ROWS_SWAPPED)
                .doesNotContain(FaultKind.SWAPPED, FaultKind.WRONG_CONTACT);
    }

    @Test
    void aBridgeToWhatIsEmptyOnBothSidesChangesNothing() {
        assertThat(of(LEAD)).filteredOn(f -> f.kind() == FaultKind.SHORT)
                .flatExtracting(PossibleFault::at).extracting(t -> t.contact())
                .containsOnly("2", "3");
        // where the device has something behind the contact it does
        Job more = TextJob.of("A dsub-9-socket; 2 RXD in; 3 TXD out; 5 GND ground; 9 V+ supply-out 5V",
                "B dsub-9-plug; 2 TXD out; 3 RXD in; 5 GND ground", "links 2-2 3-3 5-5");
        assertThat(of(more)).filteredOn(f -> f.kind() == FaultKind.SHORT).extracting(PossibleFault::at)
                .contains(List.of(new Terminal("A", "5"),
                        new Terminal("A", "9")));
    }

    @Test
    void aGoodReadingTakesAwayWhatItWouldHaveShown() {
        FaultChances chances = FaultChances.of(Derived.of(LEAD));
        Reading beep = Reading.of(Mode.CONTINUITY, Touch.of(Terminal.parse("A.2"), Terminal.parse("B.2")),
                Outcome.BEEP);
        Reading ohms = Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.2"), Terminal.parse("B.2")),
                new Outcome.Resistance(0.4));
        double none = chances.after(List.of()).chance();
        double heard = chances.after(List.of(beep)).chance();
        double read = chances.after(List.of(ohms)).chance();
        assertThat(heard).isLessThan(none);
        // a beep hides a joint of some ohms
        assertThat(read).isLessThan(heard);
        assertThat(chances.after(List.of(ohms, ohms)).chance()).isLessThan(read);
        assertThat(chances.after(List.of(ohms, ohms, ohms)).chance())
                .isEqualTo(chances.after(List.of(ohms, ohms)).chance());
    }

    @Test
    void aResistorTenTimesTooLargeIsTakenForNoDiode() {
        Job pulled = TextJob.of("A terminal-2", "B terminal-2", "links 1-1 A.1-B.2=R56000");
        Reading right = Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.1"), Terminal.parse("B.2")),
                new Outcome.Resistance(56_000));
        List<PossibleFault> all = of(pulled);
        assertThat(IntStream.of(FaultChances.of(Derived.of(pulled)).against(right)).mapToObj(all::get))
                .extracting(PossibleFault::kind)
                .contains(FaultKind.PART_WRONG, FaultKind.PART_MISSING, FaultKind.PART_BRIDGED);
    }

    @Test
    void harmIsWhereASupplyMeetsWhatItShouldNot() {
        Job powered = TextJob.of("A terminal-3; 1 V+ supply-out 12V; 2 GND ground; 3 OUT out",
                "B terminal-3; 1 V+ supply-in 12V; 2 GND ground; 3 IN in", "links 1-1 2-2 3-3");
        assertThat(FaultChances.of(Derived.of(powered)).after(List.of()).harm()).isPositive();
        assertThat(FaultChances.of(Derived.of(LEAD)).after(List.of()).harm()).isZero();
    }

    @Test
    void theOrderOfThePlanDoesNotMatter() {
        List<UsualCable> all = UsualCable.all();
        for (int seed = 0; seed < 200; seed++) {
            Job job = all.get(seed % all.size()).job();
            List<Link> links = new ArrayList<>(job.links());
            Collections.shuffle(links, new Random(seed));
            Touch touch = Touch.of(links.getFirst().from(),
                    links.getFirst().to().orElse(links.getLast().from()));
            List<Reading> readings = List.of(Reading.of(Mode.OHMS, touch, new Outcome.Resistance(0.4)));
            FaultChances.Left one = FaultChances.of(Derived.of(job)).after(readings);
            FaultChances.Left other = FaultChances.of(Derived.of(job.withLinks(links))).after(readings);
            assertThat(other.chance()).as("seed %d", seed).isCloseTo(one.chance(), within(1e-9));
            assertThat(other.harm()).as("seed %d", seed).isCloseTo(one.harm(), within(1e-9));
        }
    }
}
