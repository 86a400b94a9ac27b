package wegweiser.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A job is a value: an edit makes another one and changes what it says it changes. */
class JobTest {
    private static final Job JOB = Job.of("Focuser lead",
            List.of(End.of("A", "Focuser", "dsub-9-socket", List.of(PinRow.named("2"))),
                    End.of("B", "Dome computer", "dsub-9-plug", List.of())),
            List.of(Link.of("A.2", "B.3")), List.of(Reading.beep("A.2", "B.3"), Reading.silent("A.2", "B.2")))
            .withExtra(Map.of("colour", "of the bag"));

    static Stream<Arguments> edits() {
        return Stream.of(edit("title", j -> j.withTitle("other")), edit("ends", j -> j.withEnds(List.of())),
                edit("cable", j -> j.withCable(CableUse.of("control-4", 500))),
                edit("links", j -> j.withLinks(List.of())),
                edit("readings", j -> j.withReading(Reading.beep("A.1", "B.1"))),
                edit("readings", j -> j.withReadings(List.of())),
                edit("done", j -> j.withDone(List.of("A:strip"))),
                edit("readings setAside", j -> j.withReadingSetAside(2, "slipped")),
                edit("readings setAside", j -> j.withReadingsSetAside("another cable")),
                edit("ladderValues", j -> j.withLadderValues(Optional.of(new LadderValues("dsub-9-plug",
                        List.of(100.0), new LinkedHashMap<>(), Extra.NONE)))),
                edit("simulation", j -> j.withSimulation(Simulated.lead(List.of(), 1))),
                edit("extra", j -> j.withExtra(Extra.NONE)));
    }

    private static Arguments edit(String changed, UnaryOperator<Job> edit) {
        return Arguments.of(changed, edit);
    }

    private static Map<String, Object> parts(Job j) {
        return Map.ofEntries(Map.entry("version", j.version()), Map.entry("title", j.title()),
                Map.entry("ends", j.ends()), Map.entry("cable", j.cable()), Map.entry("links", j.links()),
                Map.entry("readings", j.readings()), Map.entry("connectors", j.connectors()),
                Map.entry("waivers", j.waivers()), Map.entry("done", j.done()),
                Map.entry("setAside", j.setAside()), Map.entry("ladderValues", j.ladderValues()),
                Map.entry("simulation", j.simulation()),
                Map.entry("extra", j.extra()));
    }

    @ParameterizedTest
    @MethodSource("edits")
    void anEditChangesItsPartAndNoOther(String changed, UnaryOperator<Job> edit) {
        Map<String, Object> before = parts(JOB);
        Map<String, Object> after = parts(edit.apply(JOB));
        List<String> wanted = List.of(changed.split(" "));
        before.forEach((name, value) -> {
            if (wanted.contains(name)) {
                assertThat(after.get(name)).as(name).isNotEqualTo(value);
            } else {
                assertThat(after.get(name)).as(name).isEqualTo(value);
            }
        });
        assertThat(parts(JOB)).isEqualTo(before);
    }

    @Test
    void aReadingThatIsSetAsideIsKeptWithItsReason() {
        Job aside = JOB.withReadingSetAside(1, "the clip had slipped");
        assertThat(aside.readings()).containsExactly(Reading.silent("A.2", "B.2"));
        assertThat(aside.setAside()).containsExactly(
                new SetAside("the clip had slipped", List.of(Reading.beep("A.2", "B.3"))));
        assertThatThrownBy(() -> JOB.withReadingSetAside(3, "none"))
                .isInstanceOf(IndexOutOfBoundsException.class);
    }

    @Test
    void anEndIsReplacedByNameAndAnUnknownOneChangesNothing() {
        End renamed = End.of("B", "Mast logger", "dsub-25-plug", List.of());
        assertThat(JOB.withEnd(renamed).end("B")).contains(renamed);
        assertThat(JOB.withEnd(renamed).end("A")).isEqualTo(JOB.end("A"));
        assertThat(JOB.withEnd(End.of("C", "", "dsub-9-plug", List.of()))).isEqualTo(JOB);
        assertThat(JOB.end("C")).isEqualTo(Optional.empty());
    }

    @Test
    void everythingThatLinksAndReadingsNameIsMentioned() {
        assertThat(JOB.mentioned()).containsExactlyInAnyOrder(Terminal.parse("A.2"), Terminal.parse("B.3"),
                Terminal.parse("B.2"));
        assertThat(JOB.row(Terminal.parse("A.2"))).contains(PinRow.named("2"));
        assertThat(JOB.row(Terminal.parse("A.9"))).isEmpty();
    }

    @Test
    void whatWasHandedInMayBeChangedAfterwards() {
        List<Reading> readings = new ArrayList<>(List.of(Reading.beep("A.1", "B.1")));
        Job job = JOB.withReadings(readings);
        readings.clear();
        assertThat(job.readings()).hasSize(1);
        assertThatThrownBy(() -> job.readings().clear()).isInstanceOf(RuntimeException.class);
        assertThatThrownBy(() -> new Touch(List.of(), List.of(Terminal.parse("A.1"))))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("each probe");
    }
}
