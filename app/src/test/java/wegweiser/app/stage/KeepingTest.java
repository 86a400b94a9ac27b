package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class KeepingTest {
    @Test
    void titlesOfAnyScriptGetIdsOfTheirOwn() {
        assertThat(Keeping.id("cable", "Grey, four cores")).isEqualTo("own-cable-grey-four-cores");
        String greek = Keeping.id("cable", "\u0395\u03BB\u03BB\u03B7\u03BD\u03B9\u03BA\u03AC");
        String cyrillic = Keeping.id("cable", "\u041A\u0438\u0440\u0438\u043B\u043B\u0438\u0446\u0430");
        assertThat(greek).isNotEqualTo(cyrillic).matches("own-cable-[a-z0-9-]+");
    }
}
