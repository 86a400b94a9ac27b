package wegweiser.core.port;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wegweiser.core.model.PortReading;

/** What a few readings at a port are taken to mean. */
class PortBeliefTest {
    private static final List<String> NINE = List.of("1", "2", "3", "4", "5", "6", "7", "8", "9");

    private static double sum(PortBelief belief, String contact) {
        return Arrays.stream(PortClass.values()).mapToDouble(c -> belief.share(contact, c)).sum();
    }

    @Test
    void theSharesOfEveryContactMakeOneWhole() {
        SplittableRandom random = new SplittableRandom(14);
        for (int round = 0; round < 200; round++) {
            List<PortReading> readings = new ArrayList<>();
            for (int k = random.nextInt(14); k > 0; k--) {
                PortMeasure measure = PortMeasure.values()[random.nextInt(PortMeasure.values().length)];
                double value = switch (measure) {
                    case OHMS -> Math.pow(10, random.nextDouble() * 7);
                    default -> random.nextDouble() * 20 - 10;
                };
                readings.add(measure.reading(NINE.get(random.nextInt(NINE.size())), value));
            }
            PortBelief belief = PortBelief.of(NINE, readings);
            for (String contact : NINE) {
                assertThat(sum(belief, contact)).as("%s after %s", contact, readings).isCloseTo(1,
                        within(1e-6));
                assertThat(belief.confidence(contact)).isBetween(0.0, 1.0 + 1e-9);
                assertThat(belief.share(contact, belief.best(contact)))
                        .isCloseTo(belief.confidence(contact), within(1e-9));
            }
        }
    }

    @Test
    void whatIsOnGroundIsTheGroundAndAPortHasHardlyTwoLinesThatSend() {
        PortBelief belief = PortBelief.of(NINE, List.of(PortMeasure.OHMS.reading("5", 0.2),
                PortMeasure.VOLTS.reading("5", 0), PortMeasure.OHMS.reading("7", 3.0)));
        assertThat(belief.best("5")).isEqualTo(PortClass.GROUND);
        PortBelief sending = PortBelief.of(NINE, List.of(PortMeasure.VOLTS.reading("2", -9),
                PortMeasure.SENDING.reading("2", 1), PortMeasure.LOADED.reading("2", -8),
                PortMeasure.VOLTS.reading("3", -9), PortMeasure.LOADED.reading("3", -8)));
        assertThat(sending.best("2").transmits()).isTrue();
        assertThat(sending.best("3").transmits()).isFalse();
        assertThat(sending.best("3").drives()).isTrue();
    }

    @Test
    void withoutReadingsNothingIsSureAndSomethingIsAskedFor() {
        PortBelief belief = PortBelief.of(NINE, List.of());
        assertThat(NINE).noneMatch(belief::isSure);
        Optional<PortAdvisor.Proposal> next = PortAdvisor.next(belief, false, (_, _) -> true);
        assertThat(next).hasValueSatisfying(p -> {
            assertThat(NINE).contains(p.contact());
            assertThat(p.bits()).isPositive();
            assertThat(p.seconds()).isPositive();
            assertThat(p.why()).isNotBlank().doesNotContain("{");
        });
    }

    @Test
    void whatMayNotBeMeasuredIsNotAskedFor() {
        PortBelief belief = PortBelief.of(NINE, List.of());
        for (int k = 0; k < NINE.size(); k++) {
            String only = NINE.get(k);
            assertThat(PortAdvisor.next(belief, false, (contact, _) -> contact.equals(only)))
                    .hasValueSatisfying(p -> assertThat(p.contact()).isEqualTo(only));
        }
        assertThat(PortAdvisor.next(belief, false, (_, _) -> false)).isEmpty();
        assertThat(PortAdvisor.next(belief, true, (_, measure) -> !measure.powered()))
                .hasValueSatisfying(p -> assertThat(p.measure().powered()).isFalse());
    }

    @ParameterizedTest
    @EnumSource(PortMeasure.class)
    void aMeasureIsWrittenDownAndReadBack(PortMeasure measure) {
        PortReading reading = measure.reading("3", 1.5);
        assertThat(PortMeasure.of(reading)).contains(measure);
        assertThat(PortBelief.of(NINE, List.of(reading)).reading("3", measure)).hasValueSatisfying(
                v -> assertThat(v).isCloseTo(1.5, within(1e-9)));
        assertThat(PortBelief.of(NINE, List.of(reading)).reading("4", measure)).isEmpty();
        assertThat(measure.seconds()).isPositive();
    }
}
