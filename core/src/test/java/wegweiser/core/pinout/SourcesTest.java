package wegweiser.core.pinout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.port.Deciding;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

class SourcesTest {
    private static final ConnectorType NINE = Catalogue.standard().find("dsub-9-socket").orElseThrow();

    private static PinRow row(String contact, String name) {
        return Meanings.row(contact, name);
    }

    private static End end(List<PinRow> first, List<PinRow> second) {
        End end = Sources.add(End.of("A", "Sky sensor", "dsub-9-socket", List.of()), "manual", first);
        return Sources.add(end, "lid", second);
    }

    private static SourceComparison.Agreement at(End end, String contact) {
        return SourceComparison.of(end, Optional.of(NINE)).rows().stream()
                .filter(r -> r.contact().equals(contact))
                .findFirst().orElseThrow().agreement();
    }

    @Test
    void rowsAgreeDifferInNameOrInSubstance() {
        End end = end(List.of(row("2", "RXD"), row("3", "TXD"), row("5", "GND"), row("7", "RTS")),
                List.of(row("2", "RXD"), row("3", "Sendedaten"), row("5", "DTR")));
        assertThat(at(end, "2")).isEqualTo(SourceComparison.Agreement.SAME);
        assertThat(at(end, "3")).isEqualTo(SourceComparison.Agreement.NAME_ONLY);
        assertThat(at(end, "5")).isEqualTo(SourceComparison.Agreement.SUBSTANCE);
        assertThat(at(end, "7")).isEqualTo(SourceComparison.Agreement.SINGLE);
        assertThat(SourceComparison.of(end, Optional.of(NINE)).relations()).isEmpty();
    }

    static Stream<Numbering> numberings() {
        return Numbering.of(NINE).stream();
    }

    @ParameterizedTest
    @MethodSource("numberings")
    void anotherNumberingIsRecognisedAndPutRight(Numbering numbering) {
        List<PinRow> manual = NamedPinout.find("rs232-9-terminal").orElseThrow().rows();
        List<PinRow> lid = new ArrayList<>();
        Map<String, String> meant = numbering.meant();
        for (String number : NINE.pinIds()) {
            String contact = meant.getOrDefault(number, number);
            lid.add(row(number,
                    manual.stream().filter(r -> r.contact().equals(contact)).findFirst().orElseThrow()
                            .label()));
        }
        End end = end(manual, lid);
        SourceComparison comparison = SourceComparison.of(end, Optional.of(NINE));
        assertThat(comparison.relations()).hasSize(1);
        SourceComparison.Relation relation = comparison.relations().getFirst();
        assertThat(relation.source()).isEqualTo("lid");
        End right = Sources.renumber(end, relation.source(), relation.meant());
        assertThat(SourceComparison.of(right, Optional.of(NINE)).isOpen()).isFalse();
        assertThat(right.row("3").orElseThrow().signal()).contains("TXD");
        assertThat(right.pinout().stream().flatMap(r -> r.sources().stream())
                .filter(s -> s.source().equals("lid")))
                .hasSize(9);
    }

    @Test
    void theOtherSideIsCalledSo() {
        List<PinRow> manual = NamedPinout.find("rs232-9-terminal").orElseThrow().rows();
        List<PinRow> lid = manual.stream().map(r -> row(NINE.mirrorImage().get(r.contact()), r.label()))
                .toList();
        SourceComparison comparison = SourceComparison.of(end(manual, lid), Optional.of(NINE));
        assertThat(comparison.relations().getFirst().words())
                .isEqualTo("lid is drawn from the other side, mirrored");
        Job job = Job.of("x", List.of(end(manual, lid)), List.of(), List.of());
        List<Finding> findings = Rules.check(job).stream().filter(f -> f.rule().equals("sources-disagree"))
                .toList();
        assertThat(findings).hasSize(1);
        Job fixed = findings.getFirst().fix().orElseThrow().edit().apply(job);
        assertThat(Rules.check(fixed)).noneMatch(f -> f.rule().equals("sources-disagree"));
    }

    @Test
    void twoOddRowsAreNotAnotherNumbering() {
        List<PinRow> manual = NamedPinout.find("rs232-9-terminal").orElseThrow().rows();
        List<PinRow> lid = manual.stream().map(r -> row(r.contact(), switch (r.contact()) {
            case "2" -> "TXD";
            case "3" -> "RXD";
            default -> r.label();
        })).toList();
        assertThat(SourceComparison.of(end(manual, lid), Optional.of(NINE)).relations()).isEmpty();
    }

    @Test
    void aDecisionKeepsWhatWasSaid() {
        End end = Sources.decide(end(List.of(row("5", "GND")), List.of(row("5", "DTR"))), "5", "lid");
        PinRow decided = end.row("5").orElseThrow();
        assertThat(decided.signal()).contains("DTR");
        assertThat(decided.sources()).extracting(PinSource::source).containsExactly("manual", "lid",
                "decided");
        assertThat(at(end, "5")).isEqualTo(SourceComparison.Agreement.SETTLED);
    }

    @Test
    void aTypedNameBecomesTheFirstSourceWhenAnotherComes() {
        End typed = End.of("A", "", "dsub-9-socket", List.of(row("2", "Rx")));
        End both = Sources.add(typed, "lid", List.of(row("2", "TXD")));
        assertThat(both.row("2").orElseThrow().sources()).extracting(PinSource::name).containsExactly("Rx",
                "TXD");
        assertThat(at(both, "2")).isEqualTo(SourceComparison.Agreement.SUBSTANCE);
    }

    @Test
    void theMeasurementThatDecidesIsProposedAndDecides() {
        End end = end(List.of(row("5", "GND"), row("3", "TXD")), List.of(row("5", "+5V"), row("3", "RXD")))
                .withRole(Optional.of(wegweiser.core.model.Role.TERMINAL));
        List<Deciding.Proposal> proposals = Deciding.proposals(end);
        assertThat(proposals).extracting(Deciding.Proposal::contact).containsExactly("3", "5");
        assertThat(proposals).allSatisfy(p -> assertThat(p.measure()).isPresent());
        End one = Deciding.settle(end.withPortReading(PortMeasure.VOLTS.reading("5", 5.02)));
        assertThat(one.row("5").orElseThrow().signal()).contains("V+");
        assertThat(one.row("5").orElseThrow().sources().getLast().source()).isEqualTo(PinSource.MEASURED);
        End other = Deciding.settle(end.withPortReading(PortMeasure.OHMS.reading("5", 0.4)));
        assertThat(other.row("5").orElseThrow().signal()).contains("GND");
        End data = Deciding.settle(end.withPortReading(PortMeasure.VOLTS.reading("3", -8.7)));
        assertThat(data.row("3").orElseThrow().signal()).contains("TXD");
        assertThat(Deciding.proposals(data)).extracting(Deciding.Proposal::contact).containsExactly("5");
    }

    @Test
    void whatAMeterCannotTellApartIsSaid() {
        End end = end(List.of(row("7", "CTS")), List.of(row("7", "DSR")))
                .withRole(Optional.of(wegweiser.core.model.Role.TERMINAL));
        Deciding.Proposal proposal = Deciding.proposals(end).getFirst();
        assertThat(proposal.measure()).isEmpty();
        assertThat(proposal.words()).contains("CTS").contains("DSR");
    }
}
