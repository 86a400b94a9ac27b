package wegweiser.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/** Values that wait in a job, and what probes knew before the plug was put on. */
class LadderWorkTest {
    private static final Job EMPTY = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "");
    private static final LadderPlug PLUG = LadderTrace.plug(EMPTY, EMPTY.ends().get(1), 1).orElseThrow();

    private static Job straight(Job job) {
        Job read = job;
        for (Terminal contact : LadderWork.of(job, PLUG).near()) {
            int at = Integer.parseInt(contact.contact()) - 1;
            read = LadderWork.of(read, PLUG).read(contact, PLUG.values().get(at) + 0.4);
        }
        return read;
    }

    private static Terminal a(int k) {
        return new Terminal("A", String.valueOf(k));
    }

    private static Terminal b(int k) {
        return new Terminal("B", String.valueOf(k));
    }

    @Test
    void valuesWaitInTheJobUntilTheyAreWritten() {
        Job one = LadderWork.of(EMPTY, PLUG).read(a(1), 1e12);
        Job two = LadderWork.of(one, PLUG).read(a(2), PLUG.values().get(6));
        LadderWork work = LadderWork.of(two, PLUG);
        assertThat(work.values().keySet()).containsExactly(a(1), a(2));
        assertThat(work.meanings(a(1))).isEqualTo(List.of(List.of()));
        assertThat(work.meanings(a(2))).isEqualTo(List.of(List.of(6)));
        assertThat(work.unread()).contains(a(3));
        assertThat(LadderWork.waiting(two)).isEqualTo(2);
        assertThat(LadderWork.of(work.back(), PLUG).values().keySet()).containsExactly(a(1));
        assertThat(LadderWork.of(LadderWork.of(work.back(), PLUG).back(), PLUG).job()).isEqualTo(EMPTY);
        Job written = work.written(work.settling().said(), Instant.EPOCH);
        assertThat(LadderWork.waiting(written)).isZero();
        assertThat(written.readings()).isNotEmpty()
                .allMatch(r -> r.isByLadder() && r.at().isPresent());
    }

    @Test
    void valuesOfAnotherPlugOrOfNoPlugDoNotCount() {
        LadderPlug other = LadderTrace.plug(EMPTY, EMPTY.ends().get(1), 2).orElseThrow();
        assertThat(other.values()).isNotEqualTo(PLUG.values());
        assertThat(LadderWork.of(straight(EMPTY), other).values()).isEmpty();
    }

    @Test
    void valuesOfAnotherConnectorDoNotWait() {
        Job read = straight(EMPTY);
        assertThat(LadderWork.waiting(read)).isEqualTo(8);
        assertThat(LadderWork.waiting(read.withEnds(read.ends().reversed()))).isZero();
        assertThat(LadderWork.waiting(read.withEnds(List.of(read.ends().getFirst())))).isZero();
        assertThat(LadderWork.waiting(read.withEnd(End.of("B", "Dome", "dsub-9-plug", List.of())))).isZero();
    }

    @Test
    void aCableWithoutPartsNeedsNoBeep() {
        LadderSettling settling = LadderWork.of(straight(EMPTY), PLUG).settling();
        assertThat(settling.next(_ -> false)).isEmpty();
        assertThat(settling.unsure()).isEmpty();
    }

    @Test
    void whatProbesKnewIsNotAskedAgain() {
        // the first value fits nothing, so that every join has to beep; one did already, red and black the other way round
        Job job = LadderWork.of(straight(EMPTY), PLUG).read(a(1), 20)
                .withReadings(List.of(Reading.beep("B.2", "A.2")));
        LadderSettling settling = LadderWork.of(job, PLUG).settling();
        for (int k = 3; k <= 8; k++) {
            assertThat(settling.next(_ -> false)).contains(Touch.of(a(k), b(k)));
            settling.answer(Touch.of(a(k), b(k)), true);
        }
        assertThat(settling.next(_ -> false)).isEmpty();
        assertThat(settling.unsure()).containsExactly(a(1));
        assertThat(settling.said()).noneMatch(r -> r.touch().isSingle() && r.outcome() == Outcome.BEEP);
        assertThat(settling.readings()).filteredOn(r -> r.outcome() == Outcome.BEEP).hasSize(6);
    }

    @Test
    void otherTouchesThatWereMadeBeforeCostNoBeeps() {
        Job job = straight(EMPTY)
                .withReadings(List.of(Reading.silent("A.5", "B.4"), Reading.beep("A.6", "B.6"),
                        Reading.silent("A.7", "A.8"), Reading.silent("B.1", "A.2")));
        LadderSettling settling = LadderWork.of(job, PLUG).settling();
        assertThat(settling.next(_ -> false)).isEmpty();
        assertThat(settling.readings()).filteredOn(r -> r.outcome() == Outcome.BEEP).hasSize(7)
                .allMatch(Reading::isAssumed);
    }

    @Test
    void aJoinThatWasSilentBeforeMakesAllOthersBeBeeped() {
        Job job = straight(EMPTY).withReadings(List.of(Reading.silent("A.5", "B.5")));
        LadderSettling settling = LadderWork.of(job, PLUG).settling();
        assertThat(settling.next(_ -> false)).contains(Touch.of(a(1), b(1)));
        assertThat(settling.unsure()).containsExactly(a(5));
        assertThat(settling.said()).filteredOn(r -> r.red().contains(a(5)))
                .allMatch(r -> r.outcome() == Outcome.SILENT && !r.isAssumed());
    }

    @Test
    void whatFollowsFromAnEarlierPlugIsNoBeep() {
        Job job = LadderWork.of(straight(EMPTY), PLUG).written(
                LadderWork.of(straight(EMPTY), PLUG).settling().said(), Instant.EPOCH);
        Job again = LadderWork.of(straight(job), PLUG).read(a(1), 20);
        assertThat(LadderWork.of(again, PLUG).settling().next(_ -> false)).contains(Touch.of(a(2), b(2)));
    }
}
