package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.TerminalIndex;

/** Two resistors in a row are two, each with its value, and not one of their sum. */
class SeriesPartsTest {
    @ParameterizedTest
    @EnumSource(Fixture.class)
    void eachHasItsPlaceAndValue(Fixture fixture) {
        Job known = Job.of("two in a row", List.of(End.of("A", "Mast", "terminal-4", List.of()),
                End.of("B", "Dome", "terminal-4", List.of())), List.of(), List.of());
        Job truth = known.withLinks(List.of(Link.of("A.1", "B.1"), Link.of("A.4", "B.4"),
                Link.of("A.1", "A.3").withPart(Part.resistor(50)),
                Link.of("A.3", "A.2").withPart(Part.resistor(470))));
        TerminalIndex index = new TerminalIndex(Terminals.of(known));
        for (long seed = 1; seed <= 10; seed++) {
            Advisor advisor = new Advisor(known, index, fixture, Goal.PROVE, CostModel.USUAL, seed);
            Tracer.Run run = new SimulatedTrace(known, truth, advisor, seed).touched(fixture);
            assertThat(run.evidence().parts()).as("seed %d", seed).extracting(MeasuredPart::ohms).hasSize(2)
                    .anyMatch(ohms -> Math.abs(ohms - 50) < 4).anyMatch(ohms -> Math.abs(ohms - 470) < 20);
        }
    }
}
