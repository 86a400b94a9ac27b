package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;

/** Every named port against every other: whatever is proposed without an error can be plugged in. */
class EveryTwoPortsTest {
    static Stream<NamedPinout> pinouts() {
        return NamedPinout.standard().stream();
    }

    private static End end(String name, NamedPinout pinout) {
        String connector = Catalogue.standard().family(pinout.family()).map(t -> t.id()).orElse(End.LEADS);
        return End.of(name, pinout.title(), connector, pinout.rows());
    }

    @ParameterizedTest
    @MethodSource("pinouts")
    void noWayWithoutAnErrorDoesHarm(NamedPinout near) {
        List<NamedPinout> all = NamedPinout.standard();
        // which of the two comes first makes no difference, as is tried with the rules
        for (NamedPinout far : all.subList(all.indexOf(near), all.size())) {
            Job job = Job.of("two ports", List.of(end("A", near), end("B", far)), List.of(), List.of());
            Map<Terminal, Pin> pins = new HashMap<>();
            Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
            List<Scheme> schemes = Router.schemes(job);
            assertThat(schemes).extracting(Scheme::id).doesNotHaveDuplicates();
            for (Scheme scheme : schemes) {
                String what = near.id() + " to " + far.id() + ", " + scheme.id();
                assertThat(scheme.links()).as(what).allSatisfy(l -> {
                    assertThat(l.why()).as("reason of %s", l).isPresent();
                    // wires that only keep their neighbours in place end at contacts that no pinout names
                    assertThat(scheme.id().equals("all-wires") || pins.containsKey(l.from())).isTrue();
                });
                assertThat(scheme.title()).isNotBlank().doesNotContain("{");
                assertThat(scheme.why()).isNotBlank().doesNotContain("{");
                if (scheme.errors() == 0) {
                    harmless(what, job, scheme, pins);
                }
            }
            assertThat(schemes.stream().map(s -> s.errors() > 0).toList()).as("safe ways come first")
                    .isSorted();
        }
    }

    private static void harmless(String what, Job job, Scheme scheme, Map<Terminal, Pin> pins) {
        for (List<Terminal> net : Nets.planned(scheme.applyTo(job)).joinedNets()) {
            List<Pin> here = net.stream().map(pins::get).filter(java.util.Objects::nonNull).toList();
            List<Pin> supplies = here.stream().filter(p -> is(p, Direction.SUPPLY_OUT)).toList();
            boolean reference = here.stream().anyMatch(p -> is(p, Direction.GROUND));
            assertThat(supplies.stream().map(p -> p.terminal().end()).distinct().count())
                    .as("%s joins two supplies: %s", what, net).isLessThanOrEqualTo(1);
            assertThat(!supplies.isEmpty() && reference).as("%s shorts a supply to ground: %s", what, net)
                    .isFalse();
            for (Pin supply : supplies) {
                for (Pin other : here) {
                    boolean sink = is(other, Direction.SUPPLY_IN) || is(other, Direction.SUPPLY_OUT);
                    boolean tied = other.direction().map(Direction::isSignal).orElse(false);
                    assertThat(sink || !tied || other.terminal().end().equals(supply.terminal().end()))
                            .as("%s joins supply %s to signal %s", what, supply.terminal(), other.terminal())
                            .isTrue();
                    differ(what, supply.row(), other.row());
                }
            }
            long drivers = here.stream().filter(p -> is(p, Direction.OUT)
                    && !p.row().level().orElse("").equals("open-drain")).map(p -> p.terminal().end())
                    .distinct().count();
            assertThat(drivers).as("%s joins outputs of both ends: %s", what, net).isLessThanOrEqualTo(1);
        }
        for (Link link : scheme.links()) {
            link.to().ifPresent(to -> assertThat(scheme.id().equals("all-wires") || pins.containsKey(to))
                    .as("%s ends nowhere: %s", what, link).isTrue());
        }
    }

    private static void differ(String what, PinRow source, PinRow sink) {
        if (source.volts().isPresent() && sink.volts().isPresent()) {
            double most = sink.voltsMax().orElse(sink.volts().getAsDouble());
            assertThat(source.voltsMax().orElse(source.volts().getAsDouble()))
                    .as("%s feeds %s from %s", what, sink, source)
                    .isBetween(sink.volts().getAsDouble(), most);
        }
    }

    private static boolean is(Pin pin, Direction direction) {
        return pin.direction().map(d -> d == direction).orElse(false);
    }
}
