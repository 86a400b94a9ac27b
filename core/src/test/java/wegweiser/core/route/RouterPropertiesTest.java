package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;

/** What must hold of every scheme, over thousands of random ports with signals of all families thrown together. */
class RouterPropertiesTest {
    private static final int ROUNDS = Integer.getInteger("route.rounds", 1000);
    private static final List<String> LINES = List.of("TXD out cmos-3v3", "RXD in cmos-3v3", "TXD out rs232",
            "RXD in rs232", "TX+ out rs422", "TX- out rs422", "RX+ in rs422", "RX- in rs422",
            "CAN-H both can",
            "CAN-L both can", "D+ both rs485", "D- both rs485", "SDA both i2c", "SCL both i2c",
            "GND ground", "GND ground", "V+ supply-out 12", "V+ supply-in 12", "V+ supply-in 5",
            "V+ supply-out 5", "OUT1 out pnp-24v", "IN1 in plc-24v", "ALARM out ttl-5v", "HALT in ttl-5v",
            "SHIELD shield", "LA both telephone", "LB both telephone", "LEFT out audio-line",
            "RIGHT out audio-line", "LINE in audio-line", "DATA both open-drain", "PTT out contact");
    private static final List<String> CONNECTORS = List.of("dsub-9-socket", "row-254-8-socket", "terminal-8",
            "modular-8p8c-plug", "box-header-10-socket", "m12-a-8-plug", "leads");
    private static final List<String> CABLES = List.of("", "utp-4x2-24", "serial-4x2-screened", "ribbon-10",
            "sensor-8", "serial-9-screened", "flat-8", "flex-3x075");

    private static End end(String name, SplittableRandom random) {
        String connector = CONNECTORS.get(random.nextInt(CONNECTORS.size()));
        List<String> contacts = connector.equals(End.LEADS)
                ? List.of("BN", "WH", "GN", "YE", "GY", "PK", "BU", "RD")
                : Catalogue.standard().find(connector).orElseThrow().pinIds();
        List<PinRow> rows = new ArrayList<>();
        for (String contact : contacts) {
            if (random.nextInt(4) > 0) {
                rows.add(row(contact, LINES.get(random.nextInt(LINES.size())).split(" ")));
            }
        }
        return End.of(name, "Device " + name, connector, rows);
    }

    private static PinRow row(String contact, String... words) {
        Direction direction = Stream.of(Direction.values()).filter(d -> d.id().equals(words[1])).findFirst()
                .orElseThrow();
        PinRow row = PinRow.of(contact, words[0], direction, "");
        return words.length < 3
                ? row
                : direction.isSupply()
                        ? row.withSupply(Double.parseDouble(words[2]), 0.1)
                        : row.withLevel(Optional.of(words[2]));
    }

    private static Job job(SplittableRandom random) {
        List<End> ends = new ArrayList<>(List.of(end("A", random), end("B", random)));
        if (random.nextInt(4) == 0) {
            ends.add(end("C", random));
        }
        Job job = Job.of("random", ends, List.of(), List.of());
        String cable = CABLES.get(random.nextInt(CABLES.size()));
        return cable.isEmpty() ? job : job.withCable(CableUse.of(cable, 1000));
    }

    @Test
    void whateverIsProposedKeepsWhatMustBeKept() {
        SplittableRandom random = new SplittableRandom(20261128);
        int links = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random);
            for (Scheme scheme : Router.schemes(job)) {
                Job planned = scheme.applyTo(job);
                String what = round + " " + scheme.id();
                links += scheme.links().size();
                noOutputMeetsAnother(what, planned);
                groundsAreJoined(what, planned);
                conductorsAreThere(what, planned);
            }
        }
        assertThat(links).isGreaterThan(ROUNDS * 3 / 2);
    }

    private static void noOutputMeetsAnother(String what, Job planned) {
        for (List<Pin> net : nets(planned)) {
            assertThat(net.stream().filter(Pin::drivesHard).map(p -> p.terminal().end()).distinct()).as(what)
                    .hasSizeLessThanOrEqualTo(1);
            assertThat(net.stream().anyMatch(p -> p.is(Direction.GROUND))
                    && net.stream().anyMatch(Pin::isSupply)).as(what).isFalse();
        }
    }

    private static List<List<Pin>> nets(Job planned) {
        List<Pin> pins = Pin.of(planned);
        return Nets.planned(planned).joinedNets().stream()
                .map(net -> pins.stream().filter(p -> net.contains(p.terminal())).toList()).toList();
    }

    /** Where lines that are measured against ground run between two ends that have one, the grounds are joined too. */
    private static void groundsAreJoined(String what, Job planned) {
        List<List<Pin>> nets = nets(planned);
        List<String> grounded = Pin.of(planned).stream().filter(p -> p.is(Direction.GROUND))
                .map(p -> p.terminal().end()).distinct().toList();
        for (List<Pin> net : nets) {
            Set<String> ends = net.stream().filter(p -> p.isSupply() || p.isSignal()
                    && p.level().map(l -> !l.isBalanced() && !l.isAudio()).orElse(true))
                    .map(p -> p.terminal().end()).filter(grounded::contains).collect(Collectors.toSet());
            assertThat(ends.size() < 2 || nets.stream().anyMatch(n -> ends.stream().allMatch(e -> n.stream()
                    .anyMatch(p -> p.isAt(e) && p.is(Direction.GROUND))))).as("%s: grounds of %s", what, ends)
                    .isTrue();
        }
    }

    private static void conductorsAreThere(String what, Job planned) {
        Optional<CableStock> cable = Cables.of(planned);
        if (cable.isEmpty()) {
            return;
        }
        Set<List<Object>> taken = new HashSet<>();
        for (Link link : planned.links()) {
            if (link.to().isPresent() && link.conductor().isPresent()) {
                String conductor = link.conductor().get();
                assertThat(cable.get().conductors().contains(conductor) || conductor.equals("screen"))
                        .as(what)
                        .isTrue();
                assertThat(taken.add(List.of(Set.of(link.from().end(), link.to().get().end()), conductor)))
                        .as("%s: %s twice", what, conductor).isTrue();
                assertThat(conductor.equals("GNYE") && Pin.of(planned).stream()
                        .anyMatch(p -> p.isSignal() && link.touches(p.terminal()))).as(what).isFalse();
            }
        }
    }

    @Test
    void pairsAreNotSplitWhileOneIsFree() {
        SplittableRandom random = new SplittableRandom(17);
        int looked = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random);
            CableStock cable = Cables.of(job).filter(c -> !c.pairs().isEmpty()).orElse(null);
            if (cable == null || job.ends().stream().anyMatch(e -> e.connector().equals(End.LEADS))) {
                continue;
            }
            for (Scheme scheme : Router.schemes(job)) {
                Set<String> used = scheme.links().stream().map(Link::conductor).flatMap(Optional::stream)
                        .collect(Collectors.toSet());
                boolean free = cable.pairs().stream().anyMatch(p -> p.stream().noneMatch(used::contains));
                List<Finding> split = Rules.check(scheme.applyTo(job)).stream()
                        .filter(f -> f.rule().equals("pair-split")).toList();
                looked++;
                assertThat(free && !split.isEmpty() && onlyHalves(scheme, job, split))
                        .as("%d %s: %s", round, scheme.id(), split).isFalse();
            }
        }
        assertThat(looked).isGreaterThan(ROUNDS / 10);
    }

    /** Whether what is split are two whole pairs, and not lines that are halves of different pairs at either end. */
    private static boolean onlyHalves(Scheme scheme, Job job, List<Finding> split) {
        List<Pin> pins = Pin.of(job);
        return split.stream().flatMap(f -> f.terminals().stream()).allMatch(t -> scheme.links().stream()
                .filter(l -> l.touches(t) && l.to().isPresent()).count() == 1
                && pins.stream().filter(p -> p.terminal().end().equals(t.end()) && p.half().isPresent())
                        .map(Pin::signal).distinct().count() == pins.stream()
                                .filter(p -> p.terminal().end().equals(t.end()) && p.half().isPresent())
                                .count());
    }

    @Test
    void exchangingEndsGivesTheMirroredPlanAndShufflingRowsTheSame() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < ROUNDS * 3 / 5; round++) {
            Job job = job(random);
            if (job.ends().size() > 2 || !unambiguous(job)) {
                continue;
            }
            List<Set<Object>> there = joins(job);
            assertThat(joins(job.withEnds(job.ends().reversed()))).as("round %d", round)
                    .containsExactlyInAnyOrderElementsOf(there);
            Random shuffle = new Random(round);
            assertThat(joins(job.withEnds(job.ends().stream().map(e -> {
                List<PinRow> rows = new ArrayList<>(e.pinout());
                Collections.shuffle(rows, shuffle);
                return e.withPinout(rows);
            }).toList()))).as("round %d", round).isEqualTo(there);
        }
    }

    /** Whether each name stands once at each end, so that no choice is open between contacts that are alike. */
    private static boolean unambiguous(Job job) {
        return job.ends().stream().allMatch(e -> Pin.of(e).stream()
                .map(p -> p.signal() + p.direction().orElse(Direction.UNUSED)).distinct()
                .count() == e.pinout().size());
    }

    /** What each scheme joins: terminals, parts and no order. */
    private static List<Set<Object>> joins(Job job) {
        return Router.schemes(job).stream()
                .map(s -> s.links().stream().filter(l -> l.to().isPresent())
                        .<Object>map(l -> List.of(Set.<Terminal>of(l.from(), l.to().get()), l.part()))
                        .collect(Collectors.toSet()))
                .toList();
    }
}
