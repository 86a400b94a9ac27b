package wegweiser.core.usual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
import wegweiser.core.rules.Severity;

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
    void isClean(UsualCable cable) {
        assertThat(Rules.check(cable.job())).as(cable.id()).noneMatch(f -> f.severity() != Severity.NOTE);
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

    /** Written down from the usual drawings, before the table was looked at: signal contact by contact, and the screen. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"serial-terminals | 2-3 3-2 5-5 4-6 6-4 7-8 8-7",
            "serial-modem | 2-2 3-3 5-5 7-7 8-8",
            "serial-9-25 | 2-3 3-2 5-7 7-4 8-5 4-20 6-6 1-8 9-22", "serial-console | 3-2 6-3 4-5",
            "network-crossed | 1-3 2-6 3-1 6-2", "telephone | 2-5 3-4 4-3 5-2", "handset | 1-4 2-3 3-2 4-1",
            "microphone | 1-1:screen 2-2 3-3", "balanced-jack-xlr | tip-2 ring-3 sleeve-1:screen",
            "unbalanced-to-balanced | tip-2 sleeve-3 sleeve-1:screen",
            "phono | centre-centre outer-outer:screen",
            "stereo | tip-tip ring-ring sleeve-sleeve:screen", "midi | 2-2:screen 4-4 5-5",
            "light-desk | 1-1:screen 2-2 3-3 4-4 5-5", "sensor | 1-1 2-2 3-3 4-4",
            "sensor-m8-m12 | 1-1 3-3 4-4",
            "usb-a-b | 1-1 2-2 3-3 4-4", "coax | centre-centre outer-outer:screen",
            "network-m12 | 1-1 2-3 3-2 4-6",
            "supply-barrel | centre-centre outer-outer", "vehicle | 6-7 14-2 5-3"})
    void isWiredAsItShouldBe(String id, String expected) {
        Job job = cables().filter(c -> c.id().equals(id)).findFirst().orElseThrow().job();
        Set<String> found = job.links().stream().filter(l -> l.to().isPresent() && !l.isWithinOneEnd())
                .map(l -> l.from().contact() + "-" + l.to().orElseThrow().contact()
                        + l.conductor().filter("screen"::equals).map(_ -> ":screen").orElse(""))
                .collect(Collectors.toSet());
        assertThat(found).as(id).containsAll(List.of(expected.split(" ")));
    }

    @ParameterizedTest
    @MethodSource("wegweiser.core.usual.UsualCable#all")
    void aJobKeepsWhatIsKnownOfItsKindWhicheverEndComesFirst(UsualCable cable) {
        Job job = cable.job();
        Optional<UsualCable> like = UsualCable.like(job);
        if (cable.ends().stream().allMatch(e -> e.pinout().isEmpty())) {
            assertThat(like).isEmpty();
            return;
        }
        assertThat(like).map(UsualCable::ends).contains(cable.ends());
        assertThat(UsualCable.like(job.withEnds(job.ends().reversed()).withTitle("another"))).isEqualTo(like);
        assertThat(UsualCable.like(job.withEnd("A", e -> e.withConnector("banana")))).isEmpty();
    }
}
