package wegweiser.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.usual.UsualCable;

class SuitsTest {
    private static Job usual(String id) {
        return UsualCable.all().stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow().job();
    }

    /** The ports of a usual cable without a way between them. */
    private static Job ports(String id) {
        return usual(id).withLinks(List.of());
    }

    static List<UsualCable> schemed() {
        return UsualCable.all().stream()
                .filter(c -> c.plan() instanceof UsualCable.Plan.ByScheme && c.explained().isEmpty())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("schemed")
    void whatIsBuiltForTwoPortsWouldDoEitherWayRound(UsualCable cable) {
        Job built = cable.job();
        assertThat(Suits.of(built.withLinks(List.of()), built)).get().matches(Suits::would, cable.id());
        Job turned = built.withEnds(List.of(built.ends().get(1), built.ends().get(0)));
        assertThat(Suits.of(built.withLinks(List.of()), turned)).get().matches(Suits::would, cable.id());
    }

    @Test
    void aStraightCableBetweenTwoTerminalsWouldNot() {
        Job straight = usual("serial-terminals").withLinks(
                List.of(Link.of("A.2", "B.2"), Link.of("A.3", "B.3"), Link.of("A.5", "B.5")));
        Suits suits = Suits.of(ports("serial-terminals"), straight).orElseThrow();
        assertThat(suits.would()).isFalse();
        assertThat(suits.errors()).isNotEmpty();
    }

    @Test
    void oneThatLacksTheGroundSaysSo() {
        Job built = usual("serial-three-wires");
        Job lacking = built
                .withLinks(built.links().stream().filter(l -> !l.from().contact().equals("5")).toList());
        Suits suits = Suits.of(ports("serial-three-wires"), lacking).orElseThrow();
        assertThat(suits.would()).isFalse();
    }

    @Test
    void connectorsThatDoNotGoInAreNoCable() {
        assertThat(Suits.of(ports("serial-terminals"), usual("microphone"))).isEqualTo(Optional.empty());
        assertThat(Suits.of(ports("serial-terminals"), usual("serial-modem"))).isEqualTo(Optional.empty());
    }

    @Test
    void portsOfWhichNothingIsKnownAreNotJudged() {
        Job bare = ports("serial-terminals");
        Job unknown = bare.withEnds(bare.ends().stream().map(e -> e.withPinout(List.of())).toList());
        Suits suits = Suits.of(unknown, usual("serial-terminals")).orElseThrow();
        assertThat(suits.judged()).isFalse();
        assertThat(suits.would()).isFalse();
    }

    @Test
    void endsMayHaveOtherNames() {
        Job built = usual("serial-terminals");
        Job renamed = built
                .withEnds(List.of(named(built.ends().get(0), "X"), named(built.ends().get(1), "Y")))
                .withLinks(built.links().stream()
                        .map(l -> new Link(moved(l.from()), l.to().map(SuitsTest::moved),
                                l.conductor(), l.part(), l.why(), l.extra()))
                        .toList());
        assertThat(Suits.of(ports("serial-terminals"), renamed)).get().matches(Suits::would);
    }

    private static Terminal moved(Terminal t) {
        return new Terminal(t.end().equals("A") ? "X" : "Y", t.contact());
    }

    private static End named(End end, String name) {
        return new End(name, end.device(), end.role(), end.connector(), end.port(), end.pinout(),
                end.portReadings(),
                end.termination(), end.dangerous(), end.panel(), end.resin(), end.extra());
    }
}
