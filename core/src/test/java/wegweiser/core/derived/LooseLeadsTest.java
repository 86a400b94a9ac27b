package wegweiser.core.derived;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

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
    void trialsWithTheDeviceTellWhichLeadGoesToTheTip() {
        Job job = TextJob.of("A jack-3.5-trs-plug", "B jack-3.5-ts-plug", "kept A", "cable moulded-audio-3",
                "links tip-tip sleeve-sleeve");
        job = job.withReadings(List.of(reaction("B.WH", "B.BK", Outcome.NOTHING),
                reaction("B.WH", "B.RD", Outcome.REACTS)));
        LooseLeads leads = LooseLeads.of(job);
        assertThat(leads.at(at("A.tip"))).contains("RD");
        assertThat(leads.at(at("A.sleeve"))).as("which of the other two it is nobody knows").isEmpty();
        List<Link> mono = new ArrayList<>(job.links());
        mono.add(Link.of("A.ring", "B.sleeve"));
        LooseLeads joined = LooseLeads.of(job.withLinks(mono));
        assertThat(List.of(joined.at(at("A.ring")).orElseThrow(), joined.at(at("A.sleeve")).orElseThrow()))
                .as("and where they are joined it does not matter").containsExactlyInAnyOrder("WH", "BK");
        assertThat(LooseLeads.of(job.withReadings(job.readings().subList(0, 1))).colours())
                .as("one trial is not enough").isEmpty();
    }

    private static Reading reaction(String a, String b, Outcome outcome) {
        return Reading.of(Mode.REACTION, Touch.of(at(a), at(b)), outcome);
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
