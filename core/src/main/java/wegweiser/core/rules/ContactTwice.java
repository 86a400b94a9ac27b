package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Splicing;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** More conductors in a contact than its kind takes: one where it is pressed or crimped, two where it is soldered or screwed. */
final class ContactTwice implements Rule {
    @Override
    public String id() {
        return "contact-twice";
    }

    @Override
    public List<Finding> check(Derived derived) {
        Map<Terminal, Set<String>> wires = new LinkedHashMap<>();
        // on a ribbon the wire follows from its place where the plan names none
        for (Link link : Assembly.of(derived).links()) {
            if (!link.is(PartKind.CUT)) {
                add(derived, link, link.from(), wires);
                link.to().ifPresent(t -> add(derived, link, t, wires));
            }
        }
        Map<String, List<Terminal>> full = new LinkedHashMap<>();
        wires.forEach((terminal, there) -> {
            if (there.size() > takes(derived, terminal)) {
                full.computeIfAbsent(terminal.end(), _ -> new ArrayList<>()).add(terminal);
            }
        });
        boolean spliced = !full.isEmpty() && Splicing.isAsked(derived.job());
        return full.values().stream().map(here -> {
            Finding finding = Finding.of(id(), Severity.WARNING, here, Words.list(here),
                    here.stream().mapToInt(t -> wires.get(t).size()).max().orElseThrow(),
                    takes(derived, here.getFirst()), here.size());
            return spliced
                    ? finding.withFix(new Fix(Words.say("fix.splice"), Splicing::of))
                    : finding;
        }).toList();
    }

    /** What lies in a contact. A wire that goes on through a connector pressed on a ribbon is one, as are those that are spliced. */
    private static void add(Derived derived, Link link, Terminal at, Map<Terminal, Set<String>> wires) {
        Set<String> there = wires.computeIfAbsent(at, _ -> new HashSet<>());
        boolean leg = link.part().filter(p -> p.kind() != PartKind.JUMPER && p.kind() != PartKind.FUSE)
                .isPresent();
        Termination termination = termination(derived, at);
        if (leg && link.isWithinOneEnd() && termination != Termination.CRIMP && takes(derived, at) > 1
                || link.is(PartKind.JUMPER) && termination.isSoldered()) {
            // a leg or a bridge is soldered on beside the wires
            return;
        }
        Optional<Splice> splice = derived.job().cable().loom().spliceOf(link);
        if (splice.isPresent()) {
            there.add("splice " + splice.get().name());
            return;
        }
        boolean through = termination == Termination.RIBBON || termination == Termination.PUNCH_DOWN;
        there.add(through && link.conductor().isPresent()
                ? link.conductor().get()
                : String.valueOf(there.size()) + link);
    }

    private static Termination termination(Derived derived, Terminal terminal) {
        return derived.connector(terminal.end()).map(t -> t.termination()).orElse(Termination.BARE);
    }

    private static int takes(Derived derived, Terminal terminal) {
        return switch (termination(derived, terminal)) {
            case RIBBON, MODULAR, PUNCH_DOWN, CRIMP, CIRCULAR_DISPLACEMENT -> 1;
            case SOLDER_CUP, JACK_SOLDER, SCREW, POTTED, SPLICE -> 2;
            case BARE -> Integer.MAX_VALUE;
        };
    }
}
