package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** A device that may wait for CTS or DSR gets neither the partner’s line nor a loop. */
final class HandshakeOpen implements Rule {
    @Override
    public String id() {
        return "handshake-open";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().links().isEmpty()) {
            return found;
        }
        for (Pin pin : derived.pins()) {
            boolean waits = pin.is(Direction.IN)
                    && (pin.signal().equals("CTS") || pin.signal().equals("DSR"));
            if (waits && !Circuit.of(derived).isDriven(pin)) {
                Finding finding = Finding.of(id(), Severity.WARNING, List.of(pin.terminal()),
                        derived.job().end(pin.terminal().end()).orElseThrow().device(), pin.words());
                found.add(loop(derived, pin).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }

    private static Optional<Fix> loop(Derived derived, Pin waiting) {
        String driver = Signals.partner(waiting.signal()).orElseThrow();
        return derived.pins().stream()
                .filter(p -> p.terminal().end().equals(waiting.terminal().end()) && p.signal().equals(driver)
                        && p.is(Direction.OUT))
                .findFirst()
                .map(p -> new Fix(Words.say("fix.loop", p.terminal(), waiting.terminal()), job -> {
                    List<Link> links = new ArrayList<>(job.links());
                    links.add(Link.of(p.terminal(), waiting.terminal()).withPart(Part.of(PartKind.JUMPER)));
                    return job.withLinks(links);
                }));
    }
}
