package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.Job;

/** A screen that the plan leads to a shell is joined to it: by a step of its own, or by what closes the connector. */
class ScreenJoinedTest {
    @ParameterizedTest
    @CsvSource({"dsub-9-socket,, drain of the screen to the shell",
            "dsub-9-socket, crimp, drain of the screen to the shell",
            "usb-a-plug, splice, screen to the screen behind",
            "xlr-3-plug,, drain of the screen to the shell",
            "modular-8p8c-plug,, back over the sheath", "m12-a-4-plug,, over the grip ring"})
    void aStepSaysHow(String connector, String way, String words) {
        Job job = TextJob.of("A " + connector, "B leads", "cable serial-2x2-screened 1",
                "links 1-RD:RD 2-BK:BK A.shell-B.screen:screen").withEnd("A",
                        e -> e.withTermination(java.util.Optional.ofNullable(way)));
        List<Step> steps = BenchSteps.of(job, true);
        assertThat(steps).filteredOn(s -> s.end().equals("A")).extracting(Step::text)
                .anyMatch(t -> t.contains(words));
        assertThat(Hands.build(job, steps)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"modular-6p6c-plug, Cut", "m12-a-4-plug, Cut", "dsub-9-socket, Fold back",
            "terminal-4, Fold back"})
    void whatHasNoJobGoesWhereThereIsRoom(String connector, String words) {
        Job job = TextJob.of("A " + connector, "B leads", "cable control-4 1", "links 1-WH:WH 2-BN:BN");
        assertThat(BenchSteps.of(job, true)).filteredOn(s -> s.key().equals("A:spares")).singleElement()
                .satisfies(s -> assertThat(s.text()).startsWith(words).contains("GN and YE"));
    }
}
