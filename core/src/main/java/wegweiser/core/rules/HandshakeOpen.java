package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** A device that may wait for CTS or DSR gets neither the partner’s line nor a loop; told once for each device. */
final class HandshakeOpen implements Rule {
    private static final Pattern SAYS_SO = Pattern.compile("(?i)must|required|needed|waits?\\b|mandatory");

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
        Joined joined = Joined.of(derived);
        for (End end : derived.job().ends()) {
            List<Pin> waiting = derived.pins().stream().filter(p -> p.isAt(end.name()) && waits(p))
                    .filter(p -> !Circuit.of(derived).isDriven(p) && !joined.isTied(p)
                            && !joined.meetsUnknown(p))
                    .toList();
            if (!waiting.isEmpty()) {
                boolean said = waiting.stream().anyMatch(HandshakeOpen::saysSo);
                Finding finding = Finding.of(id(), said ? Severity.WARNING : Severity.NOTE,
                        Pin.terminals(waiting), end.device(), Pin.words(waiting));
                found.add(loops(derived, waiting).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }

    private static boolean waits(Pin pin) {
        return pin.is(Direction.IN) && (pin.signal().equals("CTS") || pin.signal().equals("DSR"));
    }

    /** Whether the pinout says that the device does wait. */
    private static boolean saysSo(Pin pin) {
        return pin.row().name().filter(n -> SAYS_SO.matcher(n).find()).isPresent();
    }

    /** All that can be looped back at once. */
    private static Optional<Fix> loops(Derived derived, List<Pin> waiting) {
        List<Fix> fixes = waiting.stream().map(p -> loop(derived, p)).flatMap(Optional::stream).toList();
        return fixes.isEmpty() ? Optional.empty() : Optional.of(Fix.all(fixes));
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
