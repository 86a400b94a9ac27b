package wegweiser.core.derived;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;

class LooseLeadsTest {
    private static Job traced() {
        return TextJob.of("A jack-3.5-trs-plug", "B leads; RD X; WH X; BK X", "kept A", "beep A.tip B.BK",
                "beep A.sleeve B.RD");
    }

    private static Terminal at(String text) {
        return Terminal.parse(text);
    }

    @Test
    void aNewConnectorDoesNotLoseWhatWasMeasuredOnTheLeads() {
        Job given = LooseLeads.given(traced(), "B", "dsub-9-socket");
        assertThat(given.readings()).isEmpty();
        assertThat(given.end("B").map(End::connector)).contains("dsub-9-socket");
        assertThat(given.end("B").orElseThrow().pinout()).isEmpty();
        assertThat(Cables.of(given).orElseThrow().conductors()).containsExactly("RD", "WH", "BK");
        LooseLeads leads = LooseLeads.of(given);
        assertThat(leads.at(at("A.tip"))).contains("BK");
        assertThat(leads.at(at("A.sleeve"))).contains("RD");
        assertThat(leads.at(at("A.ring"))).isEmpty();
    }

    @Test
    void leadsThatAreCalledByWordsGetTheirCodes() {
        Job job = TextJob.of("A jack-3.5-trs-plug", "B leads; red X; copper X", "kept A", "beep A.tip B.red",
                "beep A.sleeve B.copper");
        Job given = LooseLeads.given(job, "B", "dsub-9-socket");
        assertThat(Cables.of(given).orElseThrow().conductors()).containsExactly("RD", "copper");
        assertThat(LooseLeads.of(given).at(at("A.tip"))).contains("RD");
        assertThat(LooseLeads.of(given).at(at("A.sleeve"))).contains("copper");
    }

    @Test
    void whereNoEndStaysAConnectorIsJustAConnector() {
        Job job = traced().withKept(java.util.List.of());
        Job given = LooseLeads.given(job, "B", "dsub-9-socket");
        assertThat(given.readings()).isEqualTo(job.readings());
        assertThat(given.end("B").orElseThrow().pinout()).hasSize(3);
        assertThat(LooseLeads.of(given).colours()).isEmpty();
        assertThat(LooseLeads.given(job, "Z", "dsub-9-socket")).isEqualTo(job);
    }

    @Test
    void theLeadsOfACableCanBeNamedAtOnce() {
        Job job = TextJob.of("A jack-3.5-trs-plug", "B leads; WH X", "cable moulded-audio-3", "kept A");
        assertThat(LooseLeads.named(job, "B").end("B").orElseThrow().pinout()).extracting(PinRow::contact)
                .containsExactlyInAnyOrder("RD", "WH", "BK");
        assertThat(LooseLeads.named(job, "A")).isEqualTo(job);
    }

    @Test
    void aReadingThatTurnsOutWrongChangesWhatIsKnown() {
        Job job = LooseLeads.given(traced(), "B", "dsub-9-socket");
        Job again = job.withReadings(TextJob.of("A jack-3.5-trs-plug", "B dsub-9-socket", "beep A.ring B.WH")
                .readings());
        assertThat(LooseLeads.of(again).at(at("A.ring"))).contains("WH");
    }
}
