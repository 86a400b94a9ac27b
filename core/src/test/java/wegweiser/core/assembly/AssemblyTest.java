package wegweiser.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Outline;
import wegweiser.core.catalog.Side;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** What hands hold, from the plan of nets. */
class AssemblyTest {
    private static Assembly of(String... lines) {
        return Assembly.of(Derived.of(TextJob.of(lines)));
    }

    @Test
    void inALoomOnlyTheWiresOfABranchRunToIt() {
        Assembly loom = of("A dsub-9-socket", "B terminal-2", "C terminal-2", "cable control-4 1",
                "links A.1-B.1:WH A.2-B.2:BN A.3-C.1:GN A.2-C.2:YE");
        assertThat(loom.isLoom()).isTrue();
        assertThat(loom.at("B").present()).containsExactlyInAnyOrder("WH", "BN");
        assertThat(loom.at("C").spare()).as("nothing to fold back").isEmpty();
        assertThat(loom.at("A").joint("2").orElseThrow().wires()).containsExactly("BN", "YE");
        assertThat(loom.at("A").joint("2").orElseThrow().towards()).containsExactly("B", "C");
        assertThat(loom.at("A").count()).isEqualTo(4);
    }

    @Test
    void aConnectorInTheMiddleOfARibbonLetsItGoOn() {
        Assembly ribbon = of("A box-header-10-socket", "M box-header-10-socket", "B box-header-10-socket",
                "cable ribbon-16 1", "links A.1-M.1 A.2-M.2 M.1-B.1 M.2-B.2");
        assertThat(ribbon.isLoom()).isFalse();
        assertThat(ribbon.places()).extracting(Place::goesOn).containsExactly(false, true, false);
        assertThat(ribbon.at("M").joint("1").orElseThrow().wires()).as("one wire, though two links meet")
                .containsExactly("1");
        assertThat(ribbon.peeled()).containsExactly("11", "12", "13", "14", "15", "16");
    }

    @Test
    void onARibbonTheWireFollowsFromItsPlace() {
        Assembly ribbon = of("A box-header-10-socket", "B box-header-10-socket", "cable ribbon-10 1",
                "links 1-1 2-4 3-3 4-2");
        List<String> order = Catalogue.standard().find("box-header-10-socket").orElseThrow().ribbonOrder();
        for (Link link : ribbon.links()) {
            assertThat(link.conductor()).hasValue(
                    String.valueOf(1 + order.indexOf(link.from().contact())));
        }
        assertThat(ribbon.at("B").joint("4").orElseThrow().wires())
                .isEqualTo(ribbon.at("A").joint("2").orElseThrow().wires());
    }

    @ParameterizedTest
    @ValueSource(strings = {"screen", "shield", "drain", "braid"})
    void theScreenIsOneWhateverItIsCalled(String name) {
        Job job = TextJob.of("A xlr-3-plug", "B xlr-3-socket", "cable audio-2-screened 1", "links 2-2:RD");
        Link screen = Link.of("A.1", "B.1").withConductor(Optional.of(name));
        List<Link> links = new ArrayList<>(job.links());
        links.add(screen);
        Joint joint = Assembly.of(Derived.of(job.withLinks(links))).at("A").joint("1").orElseThrow();
        assertThat(joint.screen()).isTrue();
        assertThat(joint.wires()).isEmpty();
        assertThat(joint.count()).as("it is twisted and tinned, not stripped").isZero();
    }

    @Test
    void whatStaysIsNotMade() {
        Assembly begun = of("A dsub-9-socket", "B dsub-9-socket", "kept A", "cable serial-9 1",
                "links 2-3:BN");
        assertThat(begun.isBegun()).isTrue();
        assertThat(begun.made()).extracting(Place::name).containsExactly("B");
        assertThat(begun.stays("A")).isTrue();
    }

    /** Round every round connector of the catalogue, each contact later by the clock than the one before. */
    @Test
    void roundConnectorsAreReadByTheClock() {
        int seen = 0;
        for (ConnectorType type : Catalogue.standard().all()) {
            if (type.outline() instanceof Outline.Round(double _, Outline.Key key)
                    && type.pinIds().size() > 2) {
                Place place = whole(type);
                List<String> round = place.aroundTheClock();
                assertThat(round).as(type.id()).containsExactlyInAnyOrderElementsOf(type.pinIds());
                double before = -1;
                for (String id : round) {
                    Contact contact = type.seenFrom(Side.WIRING).stream().filter(c -> c.id().equals(id))
                            .findFirst().orElseThrow();
                    double hour = hour(contact, key);
                    assertThat(hour).as("%s of %s", id, type.id()).isGreaterThanOrEqualTo(before);
                    before = hour;
                }
                seen++;
            }
        }
        assertThat(seen).isGreaterThan(10);
    }

    /** From 0 at the key, clockwise, in turns. */
    private static double hour(Contact contact, Outline.Key key) {
        boolean down = key == Outline.Key.BOTTOM;
        double x = down ? -contact.xMm() : contact.xMm();
        double up = down ? contact.yMm() : -contact.yMm();
        double turn = Math.toDegrees(Math.atan2(x, up)) / 360;
        return turn < 0 ? turn + 1 : turn;
    }

    private static Place whole(ConnectorType type) {
        End end = End.of("A", "", type.id(), List.of());
        List<Link> links = type.pinIds().stream()
                .map(id -> new Link(end.terminal(id), Optional.of(new Terminal("B", id)),
                        Optional.of("W" + id),
                        Optional.empty(), Optional.empty(), Extra.NONE))
                .toList();
        Job job = Job.of("t", List.of(end, End.of("B", "", End.LEADS, List.of())), links, List.of());
        return Assembly.of(Derived.of(job)).at("A");
    }

    /** Wires and screen of random looms of two to five ends on every screened and plain cable with colours. */
    @Test
    void everyWireOfAPlanArrivesWhereItGoesAndNowhereElse() {
        SplittableRandom random = new SplittableRandom(33);
        List<CableStock> cables = Cables.all().stream().filter(c -> !c.flat()).toList();
        int looms = 0;
        for (int round = 0; round < 3000; round++) {
            CableStock cable = cables.get(random.nextInt(cables.size()));
            int ends = 2 + random.nextInt(4);
            List<End> all = IntStream.range(0, ends)
                    .mapToObj(k -> End.of("E" + k, "", "terminal-12", List.of())).toList();
            List<Link> links = new ArrayList<>();
            for (String wire : cable.conductors().subList(0, random.nextInt(cable.conductors().size() + 1))) {
                int from = random.nextInt(ends);
                int to = (from + 1 + random.nextInt(ends - 1)) % ends;
                links.add(Link.of("E" + from + "." + (1 + random.nextInt(12)),
                        "E" + to + "." + (1 + random.nextInt(12))).withConductor(Optional.of(wire)));
            }
            Assembly assembly = Assembly.of(Derived.of(Job.of("t", all, links, List.of())
                    .withCable(CableUse.of(cable.id(), 1000))));
            for (Place place : assembly.places()) {
                Set<String> here = new HashSet<>();
                links.stream().filter(l -> l.from().end().equals(place.name())
                        || l.to().orElseThrow().end().equals(place.name()))
                        .forEach(l -> here.add(l.conductor().orElseThrow()));
                assertThat(new HashSet<>(place.used())).as("used at %s", place.name()).isEqualTo(here);
                assertThat(place.count()).isEqualTo(here.size());
                Set<String> accounted = new HashSet<>(place.spare());
                assertThat(accounted.removeAll(here)).as("what is used is not spare").isFalse();
                accounted.addAll(here);
                if (!here.isEmpty()) {
                    assertThat(accounted).isEqualTo(new HashSet<>(place.present()));
                }
                assertThat(place.order(true)).containsExactlyInAnyOrderElementsOf(place.joints().keySet());
            }
            looms += assembly.isLoom() ? 1 : 0;
        }
        assertThat(looms).isBetween(1000, 2900);
    }
}
