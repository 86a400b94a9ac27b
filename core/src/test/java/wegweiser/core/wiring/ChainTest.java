package wegweiser.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;

class ChainTest {
    @Test
    void aChainIsWhatItsNetsSay() {
        SplittableRandom random = new SplittableRandom(21);
        for (int round = 0; round < 300; round++) {
            Job one = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            Job two = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            Chain chain = Chain.of(List.of(one, two));
            assertThat(chain.problems()).isEmpty();
            Map<String, List<String>> map = chain.wiring().map();
            Nets first = Nets.planned(one);
            Nets second = Nets.planned(two);
            // every way of one wire each must be in the map; longer ways go back and forth through jumpers
            first.index().terminals().stream().filter(t -> t.end().equals("A"))
                    .forEach(a -> first.netOf(a).stream().filter(t -> t.end().equals("B"))
                            .forEach(m -> second.netOf(new wegweiser.core.model.Terminal("A", m.contact()))
                                    .stream().filter(t -> t.end().equals("B"))
                                    .forEach(b -> assertThat(map.getOrDefault(a.contact(), List.of()))
                                            .contains(b.contact()))));
        }
    }

    @Test
    void jumpersInTheMiddleCount() {
        Job one = Samples.job("dsub-9-socket", "dsub-9-plug", "1-1 2-2 B.1-B.2");
        Job two = Samples.job("dsub-9-socket", "dsub-9-plug", "1-5");
        assertThat(Chain.of(List.of(one, two)).wiring().map())
                .isEqualTo(Map.of("1", List.of("5"), "2", List.of("5")));
    }

    @Test
    void aChainOfOneIsItself() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "2-3 3-2 5-5");
        assertThat(Chain.of(List.of(job)).wiring()).isEqualTo(Wiring.between(Nets.planned(job), "A", "B"));
    }

    @Test
    void whatDoesNotMateAndPartsOnTheWayAreProblems() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-socket", "2-3");
        assertThat(Chain.of(List.of(job, job)).problems()).singleElement().asString()
                .contains("does not fit");
        Job other = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "1-1");
        assertThat(Chain.of(List.of(job, other)).problems()).hasSize(1);
        List<Link> links = new ArrayList<>(job.links());
        links.add(Link.of("A.5", "B.5").withPart(Part.resistor(100)));
        links.add(Link.of("A.6", "B.6").withPart(Part.of(PartKind.CUT)));
        Chain withPart = Chain.of(List.of(job.withLinks(links)));
        assertThat(withPart.problems()).singleElement().asString().contains("resistor");
        assertThat(withPart.wiring().map()).doesNotContainKeys("5", "6");
    }

    @Test
    void wordsAreFoundForAnyWiring() {
        SplittableRandom random = new SplittableRandom(2);
        for (int round = 0; round < 400; round++) {
            Job job = Samples.random("dsub-9-socket", "modular-8p8c-plug", random);
            Wiring wiring = Wiring.between(Nets.planned(job), "A", "B");
            assertThat(WiringWords.of(wiring)).isNotBlank();
            assertThat(Wiring.between(Nets.planned(job), "B", "A")).isEqualTo(wiring.inverse());
        }
    }
}
