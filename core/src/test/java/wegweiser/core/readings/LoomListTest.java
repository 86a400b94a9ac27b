package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.RandomLooms;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;

/** Branches typed line by line. */
class LoomListTest {
    private static final Job JOB = TextJob.of("A terminal-4", "B terminal-4", "C terminal-4");

    @Test
    void runsSplicesAndGaugesAreUnderstood() {
        TypedLines<LoomLine> read = LoomList.read("""
                # the panels
                A - fork 0.9 m
                fork – B 35 cm spare VT GY
                fork to C
                S1 at fork: A.1 RD, B.2 RD.2; C.2 RD.3
                RD, BK 16 AWG
                """, JOB);
        assertThat(read.open()).isEmpty();
        Loom loom = LoomLine.together(read.values(), Loom.NONE);
        assertThat(loom.lengthMm("A", "B")).hasValue(1250);
        assertThat(loom.lengthMm("A", "C")).isEmpty();
        assertThat(loom.runs().get(1).spare()).containsExactly("VT", "GY");
        assertThat(loom.splices().getFirst().wires()).hasSize(3);
        assertThat(loom.wires()).extracting(w -> w.wire() + w.awg()).containsExactly("RD16", "BK16");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "hello|is no run, splice or gauge", "A - fork 0 m|longer than nothing",
            "A - fork 2000 km|is no run", "S1 at nowhere: A.1 RD, B.1 BK|No run leads to a place nowhere",
            "S1 at A: A.1 RD|needs two wires", "S1 at A: A.1 RD, B.9 BK|There is no contact B.9",
            "S1 at A: A.1, B.2 BK|is no wire of a splice", "S1 at A: A.1 RD, A.1 BK|is in another splice",
            "RD 99 AWG|There is no gauge of 99", "RD RD 20 AWG|has a gauge already"})
    void whatIsNotUnderstoodSaysWhy(String line, String why) {
        TypedLines<LoomLine> read = LoomList.read(line, JOB);
        if (line.equals("A - fork 2000 km")) {
            // what follows a place may be part of its name
            assertThat(read.values()).hasSize(1);
            return;
        }
        assertThat(read.values()).isEmpty();
        assertThat(read.lines().getFirst().why()).contains(why);
    }

    @Test
    void aCircleIsRefusedWhereItCloses() {
        TypedLines<LoomLine> read = LoomList.read("A - P 1\nP - B 1\nB - A 1\nP - C 2", JOB);
        assertThat(read.open()).extracting(TypedLines.Line::number).containsExactly(3);
        assertThat(read.values()).hasSize(3);
    }

    @Test
    void everyLoomComesBackFromItsOwnLines() {
        for (long seed = 0; seed < 2000; seed++) {
            Job job = RandomLooms.of(seed);
            Loom loom = job.cable().loom();
            TypedLines<LoomLine> read = LoomList.read(LoomList.of(loom), job);
            assertThat(read.open()).as("%d", seed).isEmpty();
            assertThat(LoomLine.together(read.values(), loom)).as("%d", seed).isEqualTo(loom);
        }
    }

    @Test
    void whatNoLineSaysStays() {
        Loom loom = Loom.of(List.of(new LoomRun("A", "B", java.util.OptionalDouble.of(100), List.of(),
                java.util.Map.of("note", "by the door"))), List.of(), List.of());
        Loom again = LoomLine.together(LoomList.read("A - B 0.3 m", JOB).values(), loom);
        assertThat(again.runs().getFirst().extra()).containsEntry("note", "by the door");
        assertThat(again.lengthMm("A", "B")).hasValue(300);
    }
}
