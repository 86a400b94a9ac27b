package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/** One thing wrong that accounts for every reading is told before all else. */
class WhatIfTest {
    private static final String[] BIASED = {
            "A terminal-4; 1 D+ both rs485; 2 D- both rs485; 3 GND ground; 4 V+ supply-out 5V",
            "B terminal-4; 1 D+ both rs485; 2 D- both rs485; 3 GND ground; 4 V+ supply-out 5V"};
    private static final String PLAN = "links 1-1 2-2 3-3 A.1-A.2=R120 B.1-B.2=R120 A.1-A.4=R560 A.2-A.3=R680";

    private static Job job(String links) {
        return TextJob.of(BIASED[0], BIASED[1], links);
    }

    /** What a cable shows at every touch of two contacts, in ohms. */
    private static List<Reading> readings(Job truth) {
        var foreseen = Foreseen.of(truth);
        List<Reading> found = new ArrayList<>();
        List<Terminal> all = Terminals.of(truth);
        for (int a = 0; a < all.size(); a++) {
            for (int b = a + 1; b < all.size(); b++) {
                Touch touch = Touch.of(all.get(a), all.get(b));
                double ohms = foreseen.isJoined(touch) ? 0.2 : foreseen.ohms(touch);
                found.add(Reading.of(Mode.OHMS, touch,
                        Double.isInfinite(ohms) || ohms <= 0 || Double.isNaN(ohms)
                                ? Outcome.OPEN
                                : new Outcome.Resistance(ohms)));
            }
        }
        return found;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "links 1-1 2-2 3-3 A.1-A.2=R120 A.1-A.4=R560 A.2-A.3=R680 | part-missing | A.1–A.2 and B.1–B.2",
            "links 1-1 2-2 3-3 A.1-A.2=R120 B.1-B.2=R120 B.1-B.2=R120 A.1-A.4=R560 A.2-A.3=R680 | part-wrong | one component more",
            "links 1-1 2-2 3-3 A.1-A.2=R120 B.1-B.2=R120 A.1-A.3=R560 A.2-A.4=R680 | swapped | are swapped",
            "links 1-1 2-2 A.1-A.2=R120 B.1-B.2=R120 A.1-A.4=R560 A.2-A.3=R680 | open | A.3 and B.3",
            "links 1-1 2-2 3-3=R22 A.1-A.2=R120 B.1-B.2=R120 A.1-A.4=R560 A.2-A.3=R680 | cold-joint | A.3 and B.3 are joined through"})
    void isToldFirst(String truth, String kind, String words) {
        Job tested = job(PLAN).withReadings(readings(job(truth)));
        Evidence evidence = Evidence.of(tested);
        Verdict verdict = Verdict.of(tested, Fixture.PROBES);
        assertThat(verdict.result()).isEqualTo(Verdict.Result.FAIL);
        Explanation first = Diagnosis.of(tested, evidence, verdict.faults()).getFirst();
        assertThat(first.kind()).as(first.text()).isEqualTo(kind);
        assertThat(first.text()).contains(words);
        assertThat(first.explains()).isEqualTo(1);
        assertThat(first.repair()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = PLAN)
    void nothingIsToldOfAGoodCable(String plan) {
        Job tested = job(plan).withReadings(readings(job(plan)));
        Verdict verdict = Verdict.of(tested, Fixture.PROBES);
        assertThat(verdict.result()).isNotEqualTo(Verdict.Result.FAIL);
        assertThat(Diagnosis.of(tested, Evidence.of(tested), verdict.faults())).isEmpty();
    }
}
