package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Contrast of text on its ground, at least 4.5 to 1 in both themes, after WCAG 2.1. */
class PaletteTest {
    private static Map<String, String> palette(boolean night) throws IOException {
        String css = new String(WindowApp.class.getResourceAsStream("wegweiser.css").readAllBytes(),
                StandardCharsets.UTF_8);
        Map<String, String> colours = new HashMap<>();
        collect(css, ".wegweiser {", colours);
        if (night) {
            collect(css, ".wegweiser.night {", colours);
        }
        return colours;
    }

    private static void collect(String css, String selector, Map<String, String> into) {
        int from = css.indexOf(selector);
        Matcher matcher = Pattern.compile("(-w-[a-z-]+): (#[0-9A-Fa-f]{6})")
                .matcher(css.substring(from, css.indexOf('}', from)));
        while (matcher.find()) {
            into.put(matcher.group(1), matcher.group(2));
        }
    }

    private static double luminance(String hex) {
        double sum = 0;
        double[] share = {0.2126, 0.7152, 0.0722};
        for (int k = 0; k < 3; k++) {
            double c = Integer.parseInt(hex.substring(1 + 2 * k, 3 + 2 * k), 16) / 255.0;
            sum += share[k] * (c <= 0.03928 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    @ParameterizedTest
    @CsvSource({"-w-ink,-w-ground", "-w-ink,-w-sheet", "-w-quiet,-w-sheet", "-w-quiet,-w-ground",
            "-w-ink,-w-now-soft", "-w-on-now,-w-now", "-w-on-proved,-w-proved",
            "-w-on-fault,-w-fault", "-w-on-plan,-w-plan", "-w-proved,-w-sheet", "-w-fault,-w-sheet",
            "-w-plan,-w-sheet", "-w-on-bar,-w-bar", "-w-on-bar-quiet,-w-slate",
            "-w-on-bar-quiet,-w-bar", "-w-ink,-w-body"})
    void textStandsOut(String text, String ground) throws IOException {
        for (boolean night : new boolean[]{false, true}) {
            Map<String, String> colours = palette(night);
            double a = luminance(colours.get(text));
            double b = luminance(colours.get(ground));
            double contrast = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
            assertThat(contrast).as("%s on %s, %s", text, ground, night ? "night" : "day")
                    .isGreaterThanOrEqualTo(4.5);
        }
    }
}
