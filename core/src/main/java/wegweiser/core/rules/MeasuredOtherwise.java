package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PortReading;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** What was measured at a device's own port, where its pinout says something else: other volts than its level or supply. */
final class MeasuredOtherwise implements Rule {
    /** Lines on which something is said all the time or nothing, so that volts at rest tell their level. */
    private static final Set<String> DATA = Set.of("TXD", "CAN-H", "CAN-L", "K", "LIN", "SDI-12");

    @Override
    public String id() {
        return "measured-otherwise";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : derived.job().ends()) {
            for (PortReading reading : end.portReadings()) {
                Optional<Pin> pin = derived.pin(end.terminal(reading.contact()));
                if (pin.isPresent() && isVoltsToGround(derived, end, reading)) {
                    at(pin.get(), reading).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    private static boolean isVoltsToGround(Derived derived, End end, PortReading reading) {
        return reading.mode() == PortReading.Kind.VOLTS
                && reading.when().map(w -> w != PortReading.State.UNPOWERED).orElse(true)
                && (reading.against().equals(PortReading.GROUND)
                        || reading.against().equals(PortReading.SHELL)
                        || derived.pin(end.terminal(reading.against()))
                                .map(p -> p.is(Direction.GROUND)).orElse(false));
    }

    private Optional<Finding> at(Pin pin, PortReading reading) {
        double volts = reading.value();
        if (pin.is(Direction.SUPPLY_OUT)) {
            return pin.volts().filter(v -> !v.couldBe(volts))
                    .map(v -> finding(Severity.ERROR, "supply", pin, volts, v.words()));
        }
        Optional<Level> level = pin.level()
                .filter(_ -> pin.is(Direction.OUT) || pin.is(Direction.BOTH));
        if (level.isPresent() && !level.get().canShow(volts)) {
            return Optional.of(finding(Severity.ERROR, "level", pin, volts, level.get().id()));
        }
        boolean atRest = reading.when().filter(w -> w == PortReading.State.IDLE).isPresent()
                && DATA.contains(pin.signal());
        return level.filter(l -> atRest && !l.canRestAt(volts))
                .map(l -> finding(Severity.WARNING, "rest", pin, volts, l.id()));
    }

    private Finding finding(Severity severity, String which, Pin pin, double volts, String said) {
        return new Finding(id(), severity, List.of(pin.terminal()),
                Words.say("rule.measured-otherwise." + which, pin.words(), said, Words.number(volts)),
                Words.say("rule.measured-otherwise." + which + ".remedy", pin.terminal()), Optional.empty());
    }
}
