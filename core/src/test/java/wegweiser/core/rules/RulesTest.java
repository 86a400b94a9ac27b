package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Waiver;
import wegweiser.core.words.Words;

/** Each rule finds its mistake, says where, and its remedy, where it has one, removes it. */
class RulesTest {
    private static final String GOOD = "2-3 3-2 5-5";

    private static List<Finding> of(Job job, String rule) {
        return Rules.check(job).stream().filter(f -> f.rule().equals(rule)).toList();
    }

    private static Finding only(Job job, String rule, Severity severity) {
        List<Finding> found = of(job, rule);
        assertThat(found).as("%s in %s", rule, Rules.check(job)).hasSize(1);
        assertThat(found.getFirst().severity()).isEqualTo(severity);
        assertThat(found.getFirst().message()).isNotBlank();
        assertThat(found.getFirst().remedy()).isNotBlank();
        return found.getFirst();
    }

    private static void cures(Job job, String rule) {
        Fix fix = of(job, rule).getFirst().fix().orElseThrow();
        assertThat(fix.label()).isNotBlank();
        assertThat(of(fix.edit().apply(job), rule)).as("after “%s”", fix.label()).isEmpty();
    }

    private static Job with(Job job, int end, UnaryOperator<End> change) {
        return job.withEnd(change.apply(job.ends().get(end)));
    }

    private static Job ports(PinRow[] a, PinRow[] b, String links) {
        Job job = Samples.job("row-254-6-socket", "row-254-6-socket", links);
        return with(with(job, 0, e -> e.withPinout(List.of(a))), 1, e -> e.withPinout(List.of(b)));
    }

    private static PinRow[] rows(PinRow... rows) {
        return rows;
    }

    @Test
    void aGoodCableHasNoErrors() {
        assertThat(Rules.check(Samples.twoTerminals(GOOD))).noneMatch(Finding::isError);
    }

    @Test
    void outputsMeet() {
        Job straight = Samples.twoTerminals("2-2 3-3 5-5");
        Finding finding = only(straight, "out-to-out", Severity.ERROR);
        assertThat(finding.terminals()).containsExactly(Terminal.parse("A.3"), Terminal.parse("B.3"));
        cures(straight, "out-to-out");
        cures(straight, "crossed-needed");
    }

    @Test
    void openCollectorsMayMeet() {
        Job job = ports(rows(PinRow.of("1", "IRQ", Direction.OUT, "open-drain")),
                rows(PinRow.of("1", "IRQ", Direction.OUT, "open-drain")), "1-1");
        assertThat(of(job, "out-to-out")).isEmpty();
    }

    @Test
    void alikeDevicesNeedACrossing() {
        only(Samples.twoTerminals("2-2 3-3 5-5"), "crossed-needed", Severity.ERROR);
        assertThat(of(Samples.twoTerminals(GOOD), "crossed-needed")).isEmpty();
    }

    @Test
    void unlikeDevicesMustNotBeCrossed() {
        Job crossed = Samples.serial("rs232-9-terminal", "dsub-9-socket", "rs232-9-modem", "dsub-9-plug",
                GOOD);
        assertThat(of(crossed, "straight-needed")).isNotEmpty();
        Job straight = Samples.serial("rs232-9-terminal", "dsub-9-socket", "rs232-9-modem", "dsub-9-plug",
                "2-2 3-3 5-5");
        assertThat(of(straight, "straight-needed")).isEmpty();
        assertThat(of(straight, "out-to-out")).isEmpty();
    }

    @Test
    void groundIsMissing() {
        Job job = Samples.twoTerminals("2-3 3-2");
        only(job, "no-common-ground", Severity.ERROR);
        cures(job, "no-common-ground");
    }

    @Test
    void balancedLinesNeedNoGround() {
        Job job = ports(
                rows(PinRow.of("1", "TX+", Direction.OUT, "rs485"),
                        PinRow.of("2", "GND", Direction.GROUND, "")),
                rows(PinRow.of("1", "RX+", Direction.IN, "rs485"),
                        PinRow.of("2", "GND", Direction.GROUND, "")),
                "1-1");
        assertThat(of(job, "no-common-ground")).isEmpty();
    }

    @Test
    void levelsClash() {
        Job job = ports(
                rows(PinRow.of("1", "TXD", Direction.OUT, "rs232"),
                        PinRow.of("2", "GND", Direction.GROUND, "")),
                rows(PinRow.of("1", "RXD", Direction.IN, "cmos-3v3"),
                        PinRow.of("2", "GND", Direction.GROUND, "")),
                "1-1 2-2");
        assertThat(only(job, "level-clash", Severity.ERROR).remedy()).contains("level shifter");
    }

    @Test
    void fiveVoltsIntoThreeGetsADividerWithValues() {
        Job job = ports(rows(PinRow.of("1", "TXD", Direction.OUT, "ttl-5v")),
                rows(PinRow.of("1", "RXD", Direction.IN, "cmos-3v3")), "1-1");
        assertThat(only(job, "level-clash", Severity.ERROR).remedy()).contains("10 kΩ")
                .contains("20 kΩ");
    }

    @Test
    void aMarginalLevelIsAWarning() {
        Job job = ports(rows(PinRow.of("1", "TXD", Direction.OUT, "cmos-3v3")),
                rows(PinRow.of("1", "RXD", Direction.IN, "cmos-5v")), "1-1");
        only(job, "level-marginal", Severity.WARNING);
        assertThat(of(job, "level-clash")).isEmpty();
    }

    @Test
    void aContactThatIsNotThere() {
        Job job = Samples.job("modular-6p4c-plug", "modular-6p4c-plug", "1-2");
        assertThat(only(job, "contact-unknown", Severity.ERROR).message()).contains("A.1")
                .contains("2, 3, 4 and 5");
    }

    @Test
    void supplyWhereItMustNotBe() {
        PinRow[] source = rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1),
                PinRow.of("2", "GND", Direction.GROUND, ""));
        only(ports(source, rows(PinRow.of("1", "GND", Direction.GROUND, "")), "1-1"), "supply-to-ground",
                Severity.ERROR);
        only(ports(source, rows(PinRow.of("1", "RXD", Direction.IN, "ttl-5v")), "1-1"), "supply-to-signal",
                Severity.ERROR);
        only(ports(source, rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1)), "1-1"), "supply-to-supply",
                Severity.ERROR);
    }

    @Test
    void supplyVoltageAboveAndBelow() {
        PinRow[] five = rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1));
        only(ports(five, rows(Samples.supply("1", Direction.SUPPLY_IN, 3.3, 0.1)), "1-1"), "supply-voltage",
                Severity.ERROR);
        only(ports(five, rows(Samples.supply("1", Direction.SUPPLY_IN, 12, 0.1)), "1-1"), "supply-voltage",
                Severity.WARNING);
        assertThat(of(ports(five, rows(Samples.supply("1", Direction.SUPPLY_IN, 5, 0.1)), "1-1"),
                "supply-voltage")).isEmpty();
    }

    @Test
    void moreCurrentThanThePortOrAContactGives() {
        Job port = ports(rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 0.5)),
                rows(Samples.supply("1", Direction.SUPPLY_IN, 5, 0.9)), "1-1");
        assertThat(only(port, "budget-exceeded", Severity.ERROR).message()).contains("0.9 A")
                .contains("0.5 A").contains("gives no more");
        Job contact = ports(rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 20)),
                rows(Samples.supply("1", Direction.SUPPLY_IN, 5, 4), PinRow.named("2")), "1-1 1-2");
        assertThat(only(contact, "budget-exceeded", Severity.ERROR)).satisfies(f -> {
            assertThat(f.message()).contains("4 A").contains("3 A").contains("no more");
            assertThat(f.terminals()).as("both ends of the one way").hasSize(2);
        });
        Job two = ports(
                rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 4),
                        Samples.supply("2", Direction.SUPPLY_OUT, 5, 4)),
                rows(Samples.supply("1", Direction.SUPPLY_IN, 5, 4),
                        Samples.supply("2", Direction.SUPPLY_IN, 5, 4)),
                "1-1 2-2 1-2");
        assertThat(of(two, "budget-exceeded")).isEmpty();
    }

    @Test
    void aConnectorThatDoesNotMate() {
        Job job = with(Samples.twoTerminals(GOOD), 0, e -> e.withPort("dsub-9-socket"));
        only(job, "does-not-mate", Severity.ERROR);
        cures(job, "does-not-mate");
        assertThat(of(with(job, 0, e -> e.withPort("dsub-9-plug")), "does-not-mate")).isEmpty();
    }

    @Test
    void aReadingThatContradictsThePlan() {
        Job job = Samples.readings(Samples.twoTerminals(GOOD), "A.2 B.3 silent; A.3 B.2 beep");
        assertThat(only(job, "plan-contradicts-reading", Severity.ERROR).message()).contains("reading 1");
        cures(job, "plan-contradicts-reading");
        Job cut = Samples.job("dsub-9-socket", "dsub-9-socket", "")
                .withLinks(List.of(Link.of("A.1", "B.1").withPart(Part.of(PartKind.CUT))));
        only(Samples.readings(cut, "A.1 B.1 beep"), "plan-contradicts-reading", Severity.ERROR);
    }

    @Test
    void directionsThatWereGuessed() {
        Job job = with(Samples.twoTerminals(GOOD), 0,
                e -> e.withPinout(List.of(row("2", "RX"), row("3", "Sendedaten"), row("5", "Masse"))));
        assertThat(only(job, "direction-guessed", Severity.NOTE).message()).contains("TXD at A.3");
        cures(job, "direction-guessed");
    }

    private static PinRow row(String contact, String name) {
        return new PinRow(contact, Optional.of(name), Optional.empty(), Optional.empty(),
                Optional.of("rs232"), java.util.OptionalDouble.empty(), java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.empty(), Optional.empty(), List.of(), Extra.NONE);
    }

    @Test
    void sourcesThatDisagree() {
        PinSource manual = PinSource.of("manual, p. 12", "RXD", Optional.empty());
        PinSource label = PinSource.of("label", "CTS", Optional.empty());
        PinSource measured = PinSource.of(PinSource.MEASURED, "RXD", Optional.empty());
        Job job = with(Samples.twoTerminals(GOOD), 0,
                e -> e.withRow(e.row("2").orElseThrow().withSources(List.of(manual, label))));
        only(job, "sources-disagree", Severity.ERROR);
        cures(job, "sources-disagree");
        Job decided = with(job, 0,
                e -> e.withRow(e.row("2").orElseThrow().withSources(List.of(manual, label, measured))));
        assertThat(of(decided, "sources-disagree")).isEmpty();
    }

    @Test
    void oneSourceForASupplyContact() {
        PinSource manual = PinSource.of("manual", "V+", Optional.empty());
        Job job = ports(rows(Samples.supply("1", Direction.SUPPLY_OUT, 5, 1).withSources(List.of(manual))),
                rows(), "");
        only(job, "source-single", Severity.NOTE);
    }

    @Test
    void handshakeAndInputs() {
        Job job = Samples.twoTerminals(GOOD);
        assertThat(of(job, "handshake-open")).as("once for a device").hasSize(2)
                .allMatch(f -> f.severity() == Severity.NOTE);
        Job looped = job;
        for (int k = 0; k < 2; k++) {
            looped = of(looped, "handshake-open").getFirst().fix().orElseThrow().edit().apply(looped);
        }
        assertThat(of(looped, "handshake-open")).isEmpty();
        only(Samples.twoTerminals("2-3 5-5"), "in-without-source", Severity.WARNING);
    }

    @Test
    void theCableItself() {
        Job modular = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "1-1 2-2")
                .withCable(CableUse.of("utp-4x2-23-cross", 2000));
        assertThat(of(modular, "entry-too-large")).isEmpty();
        assertThat(of(modular.withCable(CableUse.of("serial-25-screened", 2000)), "entry-too-large"))
                .as("once for two plugs of a kind").hasSize(1);
        Job ribbon = Samples.job("box-header-14-socket", "box-header-14-socket", "1-1 2-2")
                .withCable(CableUse.of("ribbon-14", 500));
        assertThat(of(ribbon, "entry-too-large")).isEmpty();
        Job thick = Samples.job("row-254-2-socket", "row-254-2-socket", "1-1")
                .withCable(CableUse.of("silicone-pair-16", 2000));
        assertThat(of(thick, "wire-does-not-fit")).hasSize(1);
        Job many = Samples.twoTerminals("1-1 2-3 3-2 5-5 6-6")
                .withCable(CableUse.of("audio-2-screened", 2000));
        only(many, "too-few-conductors", Severity.ERROR);
        Job far = Samples.twoTerminals(GOOD).withCable(CableUse.of("control-10-screened", 30000));
        only(far, "capacitance", Severity.WARNING);
        only(far, "screen-floating", Severity.WARNING);
        assertThat(of(far.withCable(CableUse.of("control-10-screened", 3000)), "capacitance")).isEmpty();
    }

    @Test
    void conductorsInTheWrongPlaces() {
        Job job = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "")
                .withCable(CableUse.of("utp-4x2-24", 2000));
        job = with(
                with(job, 0,
                        e -> e.withPinout(List.of(PinRow.of("1", "TX+", Direction.OUT, "ethernet"),
                                PinRow.of("2", "TX-", Direction.OUT, "ethernet")))),
                1, e -> e.withPinout(List.of(PinRow.of("3", "RX+", Direction.IN, "ethernet"),
                        PinRow.of("6", "RX-", Direction.IN, "ethernet"))));
        Job split = job.withLinks(List.of(wire("A.1", "B.3", "OG"), wire("A.2", "B.6", "GN")));
        only(split, "pair-split", Severity.ERROR);
        only(split, "spare-conductor", Severity.NOTE);
        Job together = job.withLinks(List.of(wire("A.1", "B.3", "WH/OG"), wire("A.2", "B.6", "OG")));
        assertThat(of(together, "pair-split")).isEmpty();
        only(job.withLinks(List.of(wire("A.1", "B.6", "OG"))), "pair-crossed", Severity.ERROR);
        only(job.withLinks(List.of(wire("A.1", "B.3", "OG"), wire("A.2", "B.6", "OG"))), "same-colour-twice",
                Severity.WARNING);
        only(job.withLinks(List.of(wire("A.1", "B.3", "OG"), wire("A.1", "B.4", "GN"))), "contact-twice",
                Severity.WARNING);
    }

    private static Link wire(String from, String to, String colour) {
        return Link.of(from, to).withConductor(Optional.of(colour));
    }

    @Test
    void aScreenAtBothEndsIsANote() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-socket", "")
                .withLinks(List.of(wire("A.shell", "B.shell", "screen")));
        only(job, "screen-both-ends", Severity.NOTE);
    }

    @Test
    void aWrittenReasonLetsAnErrorStandAndNothingElse() {
        Job job = Samples.twoTerminals("2-2 3-3");
        Finding finding = of(job, "crossed-needed").getFirst();
        Job waived = job
                .withWaivers(
                        List.of(new Waiver("crossed-needed", finding.terminals(), "both drivers stand it")));
        assertThat(Rules.isWaived(waived, finding)).isTrue();
        assertThat(Rules.blocking(waived, Rules.check(waived))).extracting(Finding::rule)
                .contains("no-common-ground").doesNotContain("crossed-needed", "out-to-out");
    }

    @Test
    void oneMistakeIsToldOnce() {
        for (String links : List.of("2-2 3-3 5-5", "3-3 5-5", "5-5 3-3")) {
            Job straight = Samples.twoTerminals(links);
            assertThat(of(straight, "out-to-out")).isNotEmpty();
            assertThat(Rules.spoken(Rules.check(straight))).extracting(Finding::rule)
                    .contains("crossed-needed").doesNotContain("out-to-out");
        }
        Job other = ports(rows(PinRow.of("1", "IRQ", Direction.OUT, "cmos-5v")),
                rows(PinRow.of("1", "READY", Direction.OUT, "cmos-5v")), "1-1");
        assertThat(Rules.spoken(Rules.check(other))).extracting(Finding::rule).contains("out-to-out");
    }

    @Test
    void everyRuleHasItsWordsAndItsOwnId() {
        assertThat(Rules.all()).extracting(Rule::id).doesNotHaveDuplicates();
        assertThat(Rules.all())
                .allSatisfy(r -> assertThat(Words.say("rule." + r.id() + ".pass")).isNotBlank());
    }

    @Test
    void noRuleFailsOnAnyRandomCableAndNoRemedyBreaksTheJob() {
        SplittableRandom random = new SplittableRandom(9);
        List<String> cables = List.of("utp-4x2-24", "audio-2-screened", "control-10-screened");
        int fixes = 0;
        for (int k = 0; k < 400; k++) {
            Job job = Samples.random("dsub-9-socket", "dsub-9-socket", random);
            List<End> ends = new ArrayList<>();
            for (End end : job.ends()) {
                String pinout = random.nextBoolean() ? "rs232-9-terminal" : "rs232-9-modem";
                ends.add(end.withPinout(NamedPinout.find(pinout).orElseThrow().rows()));
            }
            job = job.withEnds(ends).withCable(CableUse.of(cables.get(k % 3), 1000 * random.nextInt(1, 40)));
            for (Finding finding : Rules.check(job)) {
                if (finding.fix().isPresent()) {
                    Job fixed = finding.fix().get().edit().apply(job);
                    assertThat(Rules.check(fixed)).isNotNull();
                    assertThat(fixed).isNotEqualTo(job);
                    fixes++;
                }
            }
        }
        assertThat(fixes).isPositive();
    }

    @Test
    void aConnectorInPlaceOfOneOfTheCatalogueIsTold() {
        Job job = Samples.job("dsub-9-plug", "terminal-2", "");
        OwnConnector own = new OwnConnector("dsub-9-plug", "mine", List.of(List.of("1", "2")), 2.54, false,
                Extra.NONE);
        assertThat(Rules.check(job)).noneMatch(f -> f.rule().equals("connector-replaced"));
        assertThat(Rules.check(job.withConnector(own)))
                .anyMatch(f -> f.rule().equals("connector-replaced") && f.severity() == Severity.NOTE);
        OwnConnector other = new OwnConnector("focuser-plug", "mine", List.of(List.of("1", "2")), 2.54, false,
                Extra.NONE);
        assertThat(Rules.check(job.withConnector(other)))
                .noneMatch(f -> f.rule().equals("connector-replaced"));
    }
}
