package wegweiser.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.EndChange;
import wegweiser.core.wiring.Nets;

/** A straight cable with every typical mistake in turn: it never passes, and the story told first is a true one. */
class EveryMistakeTest {
    private static Job straight(ConnectorType type) {
        Job job = Samples.job(type.id(), type.id(), "");
        return job.withLinks(type.pinIds().stream()
                .map(id -> Link.of(new Terminal("A", id), new Terminal("B", id))).toList());
    }

    /** The job with every pair of its terminals measured on some other cable. */
    private static Job measured(Job plan, Nets truth) {
        TerminalIndex index = truth.index();
        List<Reading> readings = new ArrayList<>();
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                boolean joined = truth.joined(index.get(a), index.get(b));
                readings.add(Reading.of(Mode.OHMS, Touch.of(index.get(a), index.get(b)),
                        joined ? new Outcome.Resistance(0.4) : Outcome.OPEN));
            }
        }
        return plan.withReadings(readings);
    }

    private static List<Explanation> stories(Job tested) {
        Evidence evidence = Evidence.of(tested);
        Verdict verdict = Verdict.of(tested, evidence, TestPlan.of(tested, Fixture.PROBES));
        assertThat(verdict.result()).isEqualTo(Verdict.Result.FAIL);
        return Diagnosis.of(tested, evidence, verdict.faults());
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "box-header-10-socket", "modular-8p8c-plug", "modular-6p6c-plug",
            "xlr-5-plug", "row-254-4-socket", "jack-3.5-trrs-plug", "m12-a-5-plug"})
    void whatWentWrongAtAnEndIsToldFirstOrSomethingThatComesToTheSame(String connector) {
        ConnectorType type = Catalogue.standard().find(connector).orElseThrow();
        Job plan = straight(type);
        TerminalIndex index = Samples.index(plan);
        Nets planned = Nets.of(index, plan.links());
        List<EndChange> changes = EndChange.all(type);
        int told = 0;
        for (EndChange change : changes) {
            Nets truth = change.applyTo(planned, "B");
            if (truth.equals(planned)) {
                continue;
            }
            Set<String> same = new LinkedHashSet<>();
            for (EndChange other : changes) {
                for (String end : List.of("A", "B")) {
                    if (other.applyTo(planned, end).equals(truth)) {
                        same.add(other.kind().id());
                    }
                }
            }
            List<Explanation> stories = stories(measured(plan, truth));
            assertThat(stories).as("%s %s", change.kind(), change.what()).isNotEmpty();
            Explanation first = stories.getFirst();
            assertThat(first.explains()).as("%s %s: %s", change.kind(), change.what(), stories)
                    .isEqualTo(1.0);
            assertThat(same.contains(first.kind()) || first.kind().endsWith("-instead"))
                    .as("%s %s is told as %s, not as one of %s", change.kind(), change.what(), first.text(),
                            same)
                    .isTrue();
            assertThat(first.repair()).isNotEmpty()
                    .allSatisfy(r -> assertThat(r).isNotBlank().doesNotContain("{"));
            told++;
        }
        assertThat(told).isGreaterThan(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "modular-8p8c-plug", "xlr-5-plug", "m12-a-4-plug",
            "dsub-15-plug"})
    void oneOpenAndOneShortAreToldByTheirContacts(String connector) {
        ConnectorType type = Catalogue.standard().find(connector).orElseThrow();
        Job plan = straight(type);
        TerminalIndex index = Samples.index(plan);
        for (String id : type.pinIds()) {
            List<Link> cut = plan.links().stream().filter(l -> !l.from().contact().equals(id)).toList();
            Explanation open = stories(measured(plan, Nets.of(index, cut))).getFirst();
            assertThat(open.kind()).as("%s open", id).isEqualTo("open");
            assertThat(open.explains()).isEqualTo(1.0);
            assertThat(open.text()).contains(id);
            for (String other : type.neighbours(id)) {
                List<Link> bridged = new ArrayList<>(plan.links());
                bridged.add(Link.of(new Terminal("B", id), new Terminal("B", other)));
                Explanation bridge = stories(measured(plan, Nets.of(index, bridged))).getFirst();
                assertThat(bridge.kind()).as("%s and %s", id, other).isEqualTo("short");
                assertThat(bridge.explains()).isEqualTo(1.0);
                assertThat(bridge.text()).contains(id).contains(other);
            }
        }
    }
}
