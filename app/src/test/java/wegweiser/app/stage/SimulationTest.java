package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.tour.DemoStory;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Simulated;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Testing;
import wegweiser.core.route.Router;
import wegweiser.core.rules.Rules;
import wegweiser.files.job.JobFile;
import wegweiser.instruments.Simulation;

class SimulationTest {
    private static Outcome at(Job job, String red, String black) {
        return Simulation.of(job).orElseThrow().measure(Touch.of(Terminal.parse(red), Terminal.parse(black)),
                Mode.CONTINUITY);
    }

    @Test
    void theLeadOnTheBenchIsAnotherCableThanTheOneThatIsBuilt() {
        Job job = DemoWorkshop.mastLogger();
        assertThat(at(job, "A.2", "B.5")).isEqualTo(Outcome.BEEP);
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        assertThat(at(planned, "A.2", "B.5")).isEqualTo(Outcome.BEEP);
        Job built = planned.withDone(List.of("A:cut"));
        assertThat(Simulation.isBuilt(built)).isTrue();
        assertThat(at(built, "A.2", "B.5")).isEqualTo(Outcome.SILENT);
        assertThat(at(built, "A.2", "B.6")).isEqualTo(Outcome.BEEP);
    }

    @Test
    void theLeadMayHaveParts() {
        Job job = DemoWorkshop.mastLogger().withSimulation(Simulated.lead(List.of(
                Link.of("A.2", "A.3").withPart(Part.resistor(120)),
                Link.of("A.4", "A.5").withPart(Part.of(PartKind.DIODE))), 1));
        Simulation lead = Simulation.of(job).orElseThrow();
        Touch terminator = Touch.of(Terminal.parse("A.2"), Terminal.parse("A.3"));
        assertThat(lead.measure(terminator, Mode.OHMS)).isInstanceOfSatisfying(Outcome.Resistance.class,
                r -> assertThat(r.ohms()).isBetween(115.0, 125.0));
        assertThat(at(job, "A.2", "A.3")).isEqualTo(Outcome.SILENT);
        assertThat(lead.measure(Touch.of(Terminal.parse("A.4"), Terminal.parse("A.5")), Mode.DIODE))
                .isInstanceOf(Outcome.Voltage.class);
        assertThat(lead.measure(Touch.of(Terminal.parse("A.5"), Terminal.parse("A.4")), Mode.DIODE))
                .isInstanceOf(Outcome.Open.class);
    }

    @Test
    void aJobWithoutASimulationHasNone() {
        assertThat(Simulation.of(Job.of("x", List.of(), List.of(), List.of()))).isEmpty();
    }

    @Test
    void theDemoIsSoundAndItsLeadCanBeProved() throws Exception {
        Job job = DemoWorkshop.mastLogger();
        assertThat(JobFile.parse(JobFile.text(job), "demo")).isEqualTo(job);
        assertThat(Rules.check(Router.schemes(job).getFirst().applyTo(job))).noneMatch(f -> f.isError());
        for (Fixture fixture : List.of(Fixture.PROBES, Fixture.COMB)) {
            Job traced = DemoStory.traced(job, fixture, 300);
            Evidence evidence = Evidence.of(traced);
            assertThat(evidence.nets().joinedNets()).hasSize(8);
            assertThat(evidence.contradictions()).isEmpty();
            assertThat(Proof.of(job, evidence).isProved()).isEqualTo(fixture == Fixture.COMB);
        }
    }

    @Test
    void armsSayHowFarTheWorkIs() {
        Job job = DemoWorkshop.mastLogger();
        Progress fresh = Progress.of(Derived.of(job), Testing.with(Fixture.COMB));
        assertThat(fresh.arms().get(StageId.ENDS).words()).isEqualTo("2 ports");
        assertThat(fresh.arms().get(StageId.TRACE).words()).isEqualTo("no readings");
        assertThat(fresh.arms().get(StageId.ROUTE).done()).isFalse();
        Job traced = DemoStory.traced(job, Fixture.COMB, 300);
        assertThat(Progress.of(Derived.of(traced), Testing.with(Fixture.COMB)).arms().get(StageId.TRACE))
                .isEqualTo(new Progress.Arm("proved", true, false));
        Job planned = Router.schemes(job).getFirst().applyTo(job);
        assertThat(Progress.of(Derived.of(planned), Testing.with(Fixture.COMB)).arms().get(StageId.ROUTE))
                .isEqualTo(new Progress.Arm("decided", true, false));
        assertThat(
                Progress.of(Derived.of(planned), Testing.with(Fixture.COMB)).arms().get(StageId.MAKE).words())
                .endsWith("steps");
        // the lead that was traced is not the plan, which is no fault of a cable that nobody has built yet
        Job differs = planned.withReadings(traced.readings());
        assertThat(Progress.of(Derived.of(differs), Testing.with(Fixture.COMB)).arms().get(StageId.PROVE))
                .isEqualTo(new Progress.Arm("another cable", false, false));
    }
}
