package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** A microphone input that may feed 48 V to what is joined to it (IEC 61938), which a line output or an electret does not like. */
final class PhantomPower implements Rule {
    @Override
    public String id() {
        return "phantom-power";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : derived.job().ends()) {
            List<Pin> fed = derived.netsOfPins().stream()
                    .filter(net -> net.stream().anyMatch(p -> p.isAt(end.name()) && feeds(derived, p)))
                    .flatMap(List::stream).filter(p -> !p.isAt(end.name()) && suffers(derived, p)).toList();
            if (!fed.isEmpty()) {
                boolean said = derived.pins().stream().anyMatch(p -> p.isAt(end.name()) && says48(p));
                found.add(Finding.variant(id(), said ? "message" : "maybe",
                        said ? Severity.WARNING : Severity.NOTE, Pin.terminals(fed), end.device(),
                        Pin.words(fed)));
            }
        }
        return found;
    }

    private static boolean feeds(Derived derived, Pin pin) {
        boolean half = pin.signal().equals("HOT") || pin.signal().equals("COLD");
        return pin.is(Direction.IN) && half
                && (says48(pin) || pin.has(Level.AUDIO_MIC) && isXlr(derived, pin));
    }

    private static boolean says48(Pin pin) {
        return pin.row().name()
                .filter(n -> n.contains("48") || n.toLowerCase(Locale.ROOT).contains("phantom"))
                .isPresent();
    }

    private static boolean isXlr(Derived derived, Pin pin) {
        return derived.connector(pin.terminal().end()).filter(t -> t.kind() == ConnectorKind.XLR).isPresent();
    }

    /** A line output, or a microphone that is not on a connector made for phantom power. */
    private static boolean suffers(Derived derived, Pin pin) {
        return pin.is(Direction.OUT) && (pin.has(Level.AUDIO_LINE) || pin.has(Level.AUDIO_PHONES)
                || pin.has(Level.AUDIO_MIC) && !isXlr(derived, pin));
    }
}
