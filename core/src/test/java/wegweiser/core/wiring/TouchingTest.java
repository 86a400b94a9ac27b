package wegweiser.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Touching;

/** What touches what in a socket that was made for another plug, and what a chain of cables makes of it. */
class TouchingTest {
    private static ConnectorType type(String id) {
        return Catalogue.standard().find(id).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"trs|trs|tip-tip ring-ring sleeve-sleeve",
            "ts|trs|tip-tip sleeve-ring sleeve-sleeve", "trs|ts|tip-tip sleeve-sleeve",
            "trs|trrs|tip-tip ring-ring1 sleeve-ring2 sleeve-sleeve",
            "trrs|trs|tip-tip ring1-ring sleeve-sleeve",
            "ts|trrs|tip-tip sleeve-ring1 sleeve-ring2 sleeve-sleeve"})
    void aJackTouchesByDepth(String plug, String socket, String pairs) {
        Map<String, List<String>> found = Touching.of(type("jack-3.5-" + plug + "-plug"),
                type("jack-3.5-" + socket + "-socket"));
        List<String> touched = found.entrySet().stream()
                .flatMap(e -> e.getValue().stream().map(s -> e.getKey() + "-" + s)).toList();
        assertThat(touched).containsExactlyInAnyOrder(pairs.split(" "));
    }

    @Test
    void aNarrowPlugSitsInTheMiddle() {
        assertThat(Touching.of(type("modular-6p4c-plug"), type("modular-8p8c-socket")))
                .isEqualTo(
                        Map.of("2", List.of("3"), "3", List.of("4"), "4", List.of("5"), "5", List.of("6")));
        assertThat(Touching.of(type("modular-6p6c-plug"), type("modular-6p4c-socket")).keySet())
                .containsExactly("2", "3", "4", "5");
    }

    @Test
    void aShortPlugBridgesInAChain() {
        Chain chain = Chain
                .of(List.of(Samples.job("jack-3.5-ts-plug", "jack-3.5-ts-plug", "tip-tip sleeve-sleeve"),
                        Samples.job("jack-3.5-trs-socket", "jack-3.5-trs-socket",
                                "tip-tip ring-ring sleeve-sleeve")));
        assertThat(chain.problems()).isEmpty();
        assertThat(chain.wiring().map())
                .isEqualTo(Map.of("tip", List.of("tip"), "sleeve", List.of("ring", "sleeve")));
        Chain stereo = Chain.of(List.of(
                Samples.job("jack-3.5-trs-plug", "jack-3.5-trs-plug", "tip-tip ring-ring sleeve-sleeve"),
                Samples.job("jack-3.5-trrs-socket", "jack-3.5-trrs-socket",
                        "tip-tip ring1-ring1 ring2-ring2 sleeve-sleeve")));
        assertThat(stereo.wiring().map().get("ring")).containsExactly("ring1");
    }
}
