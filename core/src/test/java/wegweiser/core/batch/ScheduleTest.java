package wegweiser.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Termination;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Deed;
import wegweiser.core.make.HandTimes;
import wegweiser.core.make.Step;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools;

class ScheduleTest {
    private static List<Step> steps(Termination way) {
        Job job = TextJob.of("A circular-4", "B terminal-4", "cable sensor-4 2", "links 1-1:BN 2-2:WH")
                .withEnd("A", e -> e.withTermination(Optional.of(way.id())))
                .withSchools(Schools.NONE.withSplices(Schools.Splices.CAST));
        return BenchSteps.of(job, true);
    }

    @ParameterizedTest
    @CsvSource({"POTTED, 1, 1", "POTTED, 5, 1", "POTTED, 5, 3", "SPLICE, 4, 2", "SOLDER_CUP, 7, 1",
            "SOLDER_CUP, 1, 4"})
    void handsDoOneThingAtATimeAndNothingBeforeItsTime(Termination way, int units, int vises) {
        List<Step> steps = steps(way);
        Schedule schedule = Schedule.of(steps, units, vises, HandTimes.USUAL);
        assertThat(schedule.works().size() + schedule.waits().size()).isEqualTo(units * steps.size());
        List<Schedule.Work> byTime = schedule.works().stream()
                .sorted(Comparator.comparingInt(Schedule.Work::from)).toList();
        for (int k = 1; k < byTime.size(); k++) {
            assertThat(byTime.get(k).from()).as("two hands").isGreaterThanOrEqualTo(byTime.get(k - 1).to());
        }
        Map<String, Integer> over = new HashMap<>();
        List<Schedule.Work> all = new ArrayList<>(schedule.works());
        all.addAll(schedule.waits());
        all.forEach(w -> over.put(w.unit() + w.step().key(), w.to()));
        for (Schedule.Work work : all) {
            assertThat(work.to() - work.from()).isEqualTo(
                    work.step().deed().handSeconds() + work.step().waitSeconds());
            for (String need : work.step().needs()) {
                assertThat(work.from()).as("%s of cable %d needs %s", work.step().key(), work.unit(), need)
                        .isGreaterThanOrEqualTo(over.get(work.unit() + need));
            }
        }
        assertThat(schedule.seconds()).isGreaterThanOrEqualTo(schedule.boundSeconds());
        assertThat(schedule.readySeconds()).hasSize(units);
        assertThat(schedule.idleSeconds()).isNotNegative();
        neverMoreThan(vises, schedule);
    }

    /** Casts that stand in vises at one time. */
    private static void neverMoreThan(int vises, Schedule schedule) {
        List<int[]> held = new ArrayList<>();
        for (Schedule.Work work : schedule.works()) {
            if (work.step().deed() instanceof Deed.Cover && work.step().key().endsWith(":pot")) {
                int until = schedule.waits().stream()
                        .filter(w -> w.unit() == work.unit() && w.step().needs().contains(work.step().key()))
                        .mapToInt(Schedule.Work::to).max().orElseThrow();
                held.add(new int[]{work.from(), until});
            }
        }
        for (int[] one : held) {
            long at = held.stream().filter(h -> h[0] <= one[0] && one[0] < h[1]).count();
            assertThat(at).isLessThanOrEqualTo(vises);
        }
    }

    @Test
    void curingGoesOnBesideTheNextCable() {
        List<Step> steps = steps(Termination.POTTED);
        int one = Schedule.of(steps, 1, 4, HandTimes.USUAL).seconds();
        int four = Schedule.of(steps, 4, 4, HandTimes.USUAL).seconds();
        int hands = steps.stream().mapToInt(s -> s.deed().handSeconds()).sum();
        assertThat(four).as("much less than one after the other").isLessThan(one + 4 * hands);
    }

    @Test
    void withoutWaitsHandsAreNeverIdle() {
        Schedule schedule = Schedule.of(steps(Termination.CRIMP), 6, 1, HandTimes.USUAL);
        assertThat(schedule.seconds()).isLessThanOrEqualTo((int) (1.01 * schedule.boundSeconds()));
        assertThat(schedule.idleSeconds()).isLessThan(schedule.seconds() / 100);
    }

    @Test
    void moreVisesAreNeverLater() {
        List<Step> steps = steps(Termination.SPLICE);
        assertThat(Schedule.of(steps, 4, 4, HandTimes.USUAL).seconds())
                .isLessThan(Schedule.of(steps, 4, 1, HandTimes.USUAL).seconds());
        assertThat(Schedule.of(steps, 4, 1, HandTimes.USUAL).seconds()).as("a day each in one vise")
                .isGreaterThan(4 * 86_400);
    }

    @ParameterizedTest
    @EnumSource(Termination.class)
    void everyWayOfJoiningCanBePlanned(Termination way) {
        List<Step> steps = steps(way);
        assertThat(Schedule.of(steps, 3, 2, HandTimes.USUAL).readySeconds()).hasSize(3).allMatch(s -> s > 0);
    }

    @Test
    void withoutAViseNothingIsPlanned() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Schedule.of(steps(Termination.POTTED), 1, 0, HandTimes.USUAL));
        assertThat(Schedule.of(steps(Termination.POTTED), 0, 1, HandTimes.USUAL).seconds()).isZero();
    }
}
