package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.Job;
import wegweiser.core.route.Router;

class CableChoiceTest {
    private static List<String> fitting(Job job) {
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        return CableChoice.of(planned, Cables.all()).stream().filter(CableChoice::fits)
                .map(c -> c.cable().id())
                .toList();
    }

    @Test
    void aHeaderTakesARibbonAndNothingElse() {
        List<String> fit = fitting(
                TextJob.of("A box-header-10-socket; 3 RXD in rs232; 5 TXD out rs232; 9 GND ground",
                        "B box-header-10-socket; 3 RXD in rs232; 5 TXD out rs232; 9 GND ground"));
        assertThat(fit).doesNotContain("utp-4x2-24", "sensor-4");
    }

    @Test
    void aMicrophoneTakesAScreenedPair() {
        List<String> fit = fitting(
                TextJob.of("A xlr-3-socket; 1 SHIELD shield; 2 HOT out audio-mic; 3 COLD out audio-mic",
                        "B xlr-3-plug; 1 SHIELD shield; 2 HOT in audio-mic; 3 COLD in audio-mic"));
        assertThat(fit.getFirst()).isIn("microphone-2", "audio-2-screened", "midi-3", "rs485-1x2-screened");
        assertThat(fit).doesNotContain("audio-1-screened");
    }

    @Test
    void whatIsTooThinOrHasTooFewSaysSo() {
        Job job = TextJob.of("A terminal-3; 1 V+ supply-out 12V; 2 GND ground; 3 OUT1 out plc-24v",
                "B terminal-3; 1 V+ supply-in 12V 6A; 2 GND ground; 3 IN1 in plc-24v", "cable flex-3x075 2");
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        List<CableChoice> all = CableChoice.of(planned, Cables.all());
        CableChoice two = all.stream().filter(c -> c.cable().id().equals("flex-2x15")).findFirst()
                .orElseThrow();
        assertThat(two.fits()).isFalse();
        assertThat(two.against()).anyMatch(f -> f.rule().equals("too-few-conductors"));
        CableChoice thin = all.stream().filter(c -> c.cable().id().equals("data-3x014")).findFirst()
                .orElseThrow();
        assertThat(thin.against()).anyMatch(f -> f.rule().equals("conductor-thin"));
        assertThat(all).extracting(c -> !c.fits()).isSorted();
    }
}
