package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.usual.UsualCable;
import wegweiser.core.wiring.Nets;

class RedoTest {
    static List<UsualCable> cables() {
        return UsualCable.all();
    }

    @ParameterizedTest
    @MethodSource("cables")
    void onlyThatEndAndTheWholeCableAreLeftToDo(UsualCable cable) {
        Job job = cable.job();
        for (End end : job.ends()) {
            Job anew = Redo.of(job, end.name(), 30, "anew", Optional.empty());
            assertThat(Nets.planned(anew)).isEqualTo(Nets.planned(job));
            assertThat(anew.cable().lengthMm().getAsDouble())
                    .isEqualTo(job.cable().lengthMm().getAsDouble() - 30);
            List<Step> open = BenchSteps.of(anew, true);
            assertThat(open).as("%s, %s", cable.id(), end.name()).isNotEmpty()
                    .allMatch(s -> s.end().equals(end.name()) || s.end().isEmpty()
                            || s.deed() instanceof Deed.Test || s.deed() instanceof Deed.Look)
                    .noneMatch(s -> s.key().equals(":cut"));
            assertThat(open).anyMatch(s -> s.key().equals(":prove"));
            List<String> there = BenchSteps.of(job, true).stream().filter(s -> s.end().equals(end.name()))
                    .map(Step::key).toList();
            assertThat(open).extracting(Step::key).containsAll(there);
            assertThat(Materials.parts(anew)).extracting(Materials.Item::words)
                    .filteredOn(w -> w.contains(", end ")).allMatch(w -> w.endsWith(", end " + end.name()));
        }
    }

    @Test
    void theNumberStaysOnTheCableAndOnNoHalfOfIt() {
        Job job = TextJob.of("A dsub-9-socket", "B dsub-9-plug", "cable serial-9-screened 3",
                "links 2-3:BN 3-2:RD");
        Job anew = Redo.of(job, "A", 30, "anew", Optional.of("W-0007"));
        assertThat(anew.cable().label()).contains("W-0007");
        assertThat(BenchSteps.of(anew, true)).last().extracting(Step::text).asString()
                .isEqualTo("Leave the number W-0007 on the cable");
        assertThat(Redo.inTwo(anew, 1000)).allMatch(half -> half.cable().label().isEmpty());
    }

    @Test
    void whatWasMeasuredIsSetAside() {
        Job job = cables().getFirst().job().withReading(Reading.beep("A.5", "B.5")).withDone(List.of("x"));
        Job anew = Redo.of(job, "A", 0, "anew", Optional.empty());
        assertThat(anew.readings()).isEmpty();
        assertThat(anew.setAside()).hasSize(1);
        assertThat(anew.done()).doesNotContain("x");
    }

    @Test
    void ofAnEndThatIsGoneNothingIsKept() {
        Job anew = Redo.of(cables().getFirst().job(), "A", 0, "anew", Optional.empty());
        assertThat(anew.kept()).containsExactly("B");
        assertThat(anew.withEnds(List.of(anew.ends().getFirst())).kept()).isEmpty();
        assertThat(BenchSteps.of(anew.withKept(List.of("A", "B")), true)).allMatch(s -> s.end().isEmpty()
                || s.deed() instanceof Deed.Test);
    }

    @Test
    void moreThanThereIsCannotBeCutOff() {
        Job job = cables().getFirst().job();
        double all = job.cable().lengthMm().getAsDouble();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Redo.of(job, "A", all, "anew", Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Redo.of(job, "C", 10, "anew", Optional.empty()));
    }

    @Test
    void theReserveRunsOut() {
        Job job = cables().getFirst().job();
        double spared = Redo.reserveMm(job);
        assertThat(spared).as("each end once").isEqualTo(150);
        Job once = Redo.of(job, "A", 60, "once", Optional.empty());
        Job twice = Redo.of(once.withKept(List.of()), "B", 60, "twice", Optional.empty());
        assertThat(Redo.reserveMm(twice)).isEqualTo(30);
        assertThat(twice.cable().cutOff()).extracting(CutOff::end).containsExactly("A", "B");
        assertThat(Redo.reserveMm(Redo.of(twice.withKept(List.of()), "A", 60, "thrice", Optional.empty())))
                .isEqualTo(-30);
        assertThat(Redo.of(job, "A", 0, "same", Optional.empty()).cable()).isEqualTo(job.cable());
    }

    @ParameterizedTest
    @MethodSource("cables")
    void halvesHaveAllWiresAndNoMoreLength(UsualCable cable) {
        Job job = cable.job();
        double all = job.cable().lengthMm().getAsDouble();
        if (job.ends().size() != 2) {
            assertThatIllegalArgumentException().isThrownBy(() -> Redo.inTwo(job, 10));
            return;
        }
        List<Job> halves = Redo.inTwo(job, all / 4);
        assertThat(halves).hasSize(2).extracting(h -> h.kept().getFirst())
                .containsExactly(job.ends().get(0).name(), job.ends().get(1).name());
        assertThat(halves.stream().mapToDouble(h -> h.cable().lengthMm().getAsDouble()).sum()).isEqualTo(all);
        long wires = job.links().stream().filter(l -> !l.isWithinOneEnd() && l.to().isPresent())
                .flatMap(l -> l.conductor().stream()).distinct().count();
        for (Job half : halves) {
            End open = half.ends().stream().filter(e -> !half.keeps(e.name())).findFirst().orElseThrow();
            assertThat(open.connector()).isEqualTo(End.LEADS);
            assertThat(open.pinout()).hasSize((int) wires);
            assertThat(Hands.build(half, BenchSteps.of(half, true))).isEmpty();
        }
        assertThatIllegalArgumentException().isThrownBy(() -> Redo.inTwo(job, all));
        assertThatIllegalArgumentException().isThrownBy(() -> Redo.inTwo(job, 0));
    }
}
