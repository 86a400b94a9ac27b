package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;
import wegweiser.core.model.End;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Laid;
import wegweiser.core.rules.Rules;

/** Parts of panels, housings filled with resin, plugs that are held while they are soldered, and slack by how a cable lies. */
class FixedAndFilledTest {
    private static List<String> keys(Job job) {
        return BenchSteps.of(job, true).stream().map(Step::key).toList();
    }

    @Test
    void aPartOfAPanelHasNoBarrelAndNoClamp() {
        Job job = TextJob.of("A tag-2", "B jack-6.35-ts-socket", "cable audio-2-screened 0.3",
                "links 1-tip:WH 2-sleeve:RD");
        Job panel = job.withEnd("B", e -> e.withPanel(true));
        assertThat(keys(job)).contains("B:slide", "B:hood");
        assertThat(keys(panel)).doesNotContain("B:slide", "B:hood", "B:test-again")
                .containsSubsequence("B:panel", "B:tin", "B:test", "B:panel-tie");
        assertThat(Materials.parts(panel)).extracting(Materials.Item::words)
                .noneMatch(w -> w.contains("barrel") || w.contains("boot"));
    }

    @Test
    void noCableGoesIntoAPartOfAPanel() {
        Job job = TextJob.of("A terminal-2", "B jack-3.5-ts-socket", "cable control-25",
                "links 1-tip:WH 2-sleeve:BN");
        assertThat(Rules.by("entry-too-large", job)).isNotEmpty();
        assertThat(Rules.by("entry-too-large", job.withEnd("B", e -> e.withPanel(true)))).isEmpty();
    }

    @Test
    void solderTagsAreSolderedAndNothingSlidesOn() {
        Job job = TextJob.of("A tag-3", "B terminal-3", "cable control-3 0.3", "links 1-1:WH 2-2:BN 3-3:GN");
        assertThat(keys(job)).contains("A:joint:1", "A:sleeves").doesNotContain("A:slide", "A:lugs");
        assertThat(keys(TextJob.of("A bullet-2-plug", "B terminal-2", "links 1-1 2-2")))
                .contains("A:joint:1", "A:sleeves").doesNotContain("A:contacts");
    }

    @ParameterizedTest
    @CsvSource({"row-125-4-socket", "row-254-4-socket", "dsub-9-plug", "xlr-3-plug"})
    void aFilledHousingIsTestedBeforeAndAfter(String connector) {
        Job job = TextJob.of("A terminal-4", "B " + connector, "links 1-1 2-2").withEnd("B",
                e -> e.withResin(true));
        assertThat(keys(job)).containsSubsequence("B:test", "B:fill-resin", "B:cured", "B:test-cured");
        assertThat(Materials.parts(job)).extracting(Materials.Item::words)
                .contains("casting resin, two-part");
    }

    @Test
    void theSocketIsMadeFirstAndHoldsThePinsOfThePlug() {
        Job job = TextJob.of("A xlr-3-plug", "B xlr-3-socket", "cable audio-2-screened 6",
                "links 1-1:screen 2-2:WH 3-3:RD");
        List<String> keys = keys(job);
        assertThat(keys.indexOf("B:test-again")).isLessThan(keys.indexOf("A:strip"));
        assertThat(keys).containsSubsequence("A:mate", "A:tin", "A:joint:2");
        assertThat(BenchSteps.of(job, true)).anyMatch(
                s -> s.text().equals("Plug the finished end B on to the plug of end A"));
        Job alone = TextJob.of("A xlr-3-plug", "B terminal-3", "cable audio-2-screened 6", "links 2-2:WH");
        assertThat(BenchSteps.of(alone, true)).anyMatch(
                s -> s.text().equals("Plug any socket of its kind on to the plug of end A"));
        assertThat(keys(job.withKept(List.of("B")))).as("what is on already can hold it too")
                .contains("A:mate");
    }

    @ParameterizedTest
    @CsvSource({"lead,6000,6108", "building,6000,6798", "inside,220,268"})
    void slackIsReckonedByHowTheCableLies(String laid, double mm, double cut) {
        Job job = TextJob.of("A xlr-3-plug", "B xlr-3-socket", "cable audio-2-screened 6", "links 2-2:WH");
        Job lies = job.withCable(job.cable().withLengthMm(mm)
                .withLaid(HasId.find(Laid.class, laid).orElseThrow()));
        assertThat(CutList.of(lies).orElseThrow().totalMm()).isEqualTo(cut);
    }

    @Test
    void aLongCableIsARunUnlessSomebodySaysOtherwise() {
        Job job = TextJob.of("A terminal-2", "B terminal-2", "cable control-2 25", "links 1-1");
        assertThat(job.cable().lies()).isEqualTo(Laid.BUILDING);
        assertThat(job.cable().withLengthMm(2000).lies()).isEqualTo(Laid.LEAD);
        assertThat(job.cable().withLaid(Laid.LEAD).lies()).isEqualTo(Laid.LEAD);
        assertThat(job.ends()).extracting(End::panel).containsOnly(false);
    }
}
