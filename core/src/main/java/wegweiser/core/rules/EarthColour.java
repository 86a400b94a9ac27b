package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Pin;

/** Green and yellow on anything but an earth, or a protective earth on another colour (IEC 60445). */
final class EarthColour implements Rule {
    @Override
    public String id() {
        return "earth-colour";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Link link : derived.job().links()) {
            other(derived, link).ifPresent(found::add);
            if (link.conductor().equals(Optional.of(ColourCode.EARTH)) && link.to().isPresent()) {
                List<Pin> pins = derived.pins().stream().filter(p -> link.touches(p.terminal())).toList();
                boolean earth = pins.stream().anyMatch(Pin::isEarth);
                if (!pins.isEmpty() && !earth) {
                    found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(pins), Pin.words(pins)));
                }
            }
        }
        return found;
    }

    private Optional<Finding> other(Derived derived, Link link) {
        boolean coloured = link.to().isPresent() && !link.isWithinOneEnd()
                && !link.isOnScreen()
                && link.conductor().filter(c -> !c.equals(ColourCode.EARTH)).isPresent();
        List<Pin> earths = derived.pins().stream()
                .filter(p -> p.isProtectiveEarth() && link.touches(p.terminal())).toList();
        return !coloured || earths.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.variant(id(), "other", Severity.ERROR, Pin.terminals(earths),
                        Pin.words(earths), link.conductor().orElseThrow(), earths.size()));
    }
}
