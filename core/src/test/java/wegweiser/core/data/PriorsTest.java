package wegweiser.core.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.wiring.EndChange;

class PriorsTest {
    @Test
    void theSharesOfAllCablesMakeOneWhole() {
        assertThat(Priors.of("cable.sound") + Priors.of("cable.spoilt") + Priors.of("cable.changed")
                + Priors.of("cable.other"))
                .isEqualTo(1, within(1e-12));
        assertThat(Priors.of("spoilt.short") + Priors.of("spoilt.open")).isLessThan(1);
    }

    @Test
    void everyLineIsAWeightUnderAFreeName() {
        Set<String> names = new HashSet<>();
        for (String line : Data.lines("priors.txt")) {
            String name = line.strip().split("\\s+")[0];
            assertThat(names.add(name)).as(name).isTrue();
            assertThat(Priors.of(name)).as(name).isPositive();
        }
        assertThat(names).hasSizeGreaterThan(15);
        assertThatThrownBy(() -> Priors.of("mistake.none")).hasMessageContaining("mistake.none");
    }

    @Test
    void everyMistakeOfEveryConnectorHasItsWeightFromThere() {
        for (var type : Catalogue.standard().all()) {
            assertThat(EndChange.all(type)).allSatisfy(c -> assertThat(c.weight()).isPositive());
        }
    }
}
