package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.model.Job;
import wegweiser.core.model.Waiver;
import wegweiser.core.prove.TestPlan;
import wegweiser.core.prove.Verdict;
import wegweiser.core.route.NoWay;
import wegweiser.core.route.Router;

class MainsTest {
    private static final Job MAINS = TextJob.of("A terminal-3; 1 L both; 2 N both; 3 PE shield",
            "B terminal-3; 1 L both; 2 N both; 3 PE shield", "cable flex-3x075 2",
            "links 1-1:BN 2-2:BU 3-3:GNYE");

    @Test
    void nothingIsProposedBuiltOrTested() {
        assertThat(Router.schemes(MAINS.withLinks(List.of()))).isEmpty();
        assertThat(BenchSteps.of(MAINS, true)).isEmpty();
        assertThat(TestPlan.of(MAINS, Fixture.PROBES)).isEmpty();
        assertThat(Verdict.of(MAINS, Fixture.PROBES).result()).isEqualTo(Verdict.Result.INCOMPLETE);
    }

    @Test
    void twoSentencesNameLicensedPeopleAndLocalRules() {
        assertThat(NoWay.because(Derived.of(MAINS))).last().asString().contains("licensed")
                .contains("Local rules");
        assertThat(Mains.remedy().split("(?<=\\.) ")).hasSize(2);
    }

    @Test
    void noReasonOverridesIt() {
        Finding finding = Rules.check(MAINS).getFirst();
        Job waived = MAINS.withWaivers(List.of(new Waiver("mains", finding.terminals(), "I know what I do")));
        assertThat(Rules.isWaived(waived, finding)).isFalse();
        assertThat(Rules.blocking(waived, Rules.check(waived))).isNotEmpty();
    }

    @Test
    void allElseIsLeftUnsaid() {
        assertThat(Rules.check(MAINS)).hasSize(1).allMatch(Finding::isError);
    }

    @ParameterizedTest
    @ValueSource(strings = {"230 V~", "110 VAC", "AC 230V", "230V relay", "400 V AC", "+325V",
            "100-240 VAC", "61 V"})
    void isSeenInWhatIsPrinted(String name) {
        String row = "name=" + name.replace(' ', '_');
        assertThat(isMains("1 LAMP out plc-24v " + row)).isTrue();
        assertThat(isMains("1 X supply-in " + row)).isTrue();
    }

    @Test
    void isSeenWhereNothingElseIsPrinted() {
        assertThat(isMains("1 X supply-in name=mains")).isTrue();
        assertThat(isMains("1 X out plc-24v name=mains")).as("a signal that tells of it").isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"24 V~", "48 VAC", "60 V", "12 V AC", "24VAC", "mains OK", "5V", "-48 V",
            "LINE OUT", "16-bit", "ACC 12V"})
    void isNotSeenWhereItIsNot(String name) {
        assertThat(isMains("1 X supply-out name=" + name.replace(' ', '_'))).isFalse();
    }

    private static boolean isMains(String row) {
        return Mains.isIn(Derived.of(TextJob.of("A terminal-2; " + row + "; 2 GND ground", "B terminal-2")));
    }
}
