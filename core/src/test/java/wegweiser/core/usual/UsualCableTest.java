package wegweiser.core.usual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

class UsualCableTest {
    static Stream<UsualCable> cables() {
        return UsualCable.all().stream();
    }

    @Test
    void thereAreEnoughOfEveryKindUnderNamesOfTheirOwn() {
        List<UsualCable> all = UsualCable.all();
        assertThat(all).hasSizeGreaterThanOrEqualTo(24);
        assertThat(all).extracting(UsualCable::id).doesNotHaveDuplicates();
        assertThat(all).extracting(UsualCable::title).doesNotHaveDuplicates();
        assertThat(all).extracting(UsualCable::kind).contains(UsualCable.Kind.values());
    }

    @ParameterizedTest
    @MethodSource("cables")
    void saysWhatGoesWrongInTwoSentencesAndWhatToAsk(UsualCable cable) {
        assertThat(cable.pitfalls().split("(?<=\\.)\\s+")).as(cable.pitfalls()).hasSize(2);
        assertThat(cable.ask()).hasSizeGreaterThanOrEqualTo(2).allMatch(q -> q.endsWith("?"));
    }

    @ParameterizedTest
    @MethodSource("cables")
    void isMadeOfWhatTheTablesKnow(UsualCable cable) {
        Job job = cable.job();
        assertThat(Cables.of(job)).as("cable of %s", cable.id()).isPresent();
        Set<String> devices = new HashSet<>();
        for (End end : job.ends()) {
            ConnectorType type = Catalogue.standard().of(end).orElse(null);
            assertThat(type != null || end.connector().equals(End.LEADS)).as(end.connector()).isTrue();
            assertThat(devices.add(end.device())).as("devices of %s", cable.id()).isTrue();
            end.port().ifPresent(
                    port -> assertThat(Catalogue.standard().find(port).orElseThrow().matesWith(type))
                            .as("%s into %s", end.connector(), port).isTrue());
        }
    }

    @ParameterizedTest
    @MethodSource("cables")
    void isPlannedAndCanBeBuilt(UsualCable cable) {
        Job job = cable.job();
        assertThat(job.links()).filteredOn(l -> !l.isWithinOneEnd()).isNotEmpty();
        for (Link link : job.links()) {
            job.mentioned().forEach(t -> assertThat(Catalogue.standard().of(job.end(t.end()).orElseThrow())
                    .map(c -> c.has(t.contact()))
                    .orElse(job.row(t).isPresent())).as("%s of %s", link, cable.id()).isTrue());
        }
        assertThat(BenchSteps.of(job, true)).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("cables")
    void hasNoErrorThatItDoesNotExplain(UsualCable cable) {
        List<String> errors = Rules.check(cable.job()).stream().filter(Finding::isError).map(Finding::rule)
                .distinct()
                .toList();
        assertThat(errors).as(cable.id()).containsExactlyInAnyOrderElementsOf(cable.explained());
    }

    @ParameterizedTest
    @MethodSource("cables")
    void alongTheCableEveryLinkHasItsConductor(UsualCable cable) {
        boolean tooFew = cable.explained().contains("too-few-conductors");
        assertThat(cable.job().links()).filteredOn(l -> !l.isWithinOneEnd()).as(cable.id())
                .allMatch(l -> l.conductor().isPresent() || tooFew);
    }
}
