package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that the cable does not have, or wires along the cable that were given none while others were. */
final class ConductorUnknown implements Rule {
    @Override
    public String id() {
        return "conductor-unknown";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return found;
        }
        // where there are too few, that is the cause and is told
        boolean given = derived.job().links().stream().anyMatch(l -> l.conductor().isPresent())
                && new TooFewConductors().check(derived).isEmpty();
        Map<String, Link> strange = new LinkedHashMap<>();
        List<Link> without = new ArrayList<>();
        for (Link link : derived.job().links()) {
            boolean spliced = derived.job().cable().loom().spliceOf(link).isPresent();
            if (ScreenLinks.isScreen(link) || spliced) {
                continue;
            }
            if (link.conductor().filter(c -> !cable.conductors().contains(c)).isPresent()) {
                strange.putIfAbsent(link.conductor().get(), link);
            } else if (given && link.conductor().isEmpty() && link.isCopper() && !link.isWithinOneEnd()) {
                without.add(link);
            }
        }
        if (!strange.isEmpty()) {
            List<Terminal> where = strange.values().stream().map(Link::from).toList();
            found.add(Finding.of(id(), Severity.ERROR, where, Words.list(List.copyOf(strange.keySet())),
                    cable.title(), Words.list(cable.conductors()), Words.list(where)));
        }
        if (!without.isEmpty()) {
            found.add(Finding.variant(id(), "none", Severity.WARNING,
                    without.stream().flatMap(l -> Stream.of(l.from(), l.to().orElseThrow())).toList(),
                    Words.list(without.stream()
                            .map(l -> Words.say("diagnosis.place", l.from(), l.to().orElseThrow())).toList()),
                    without.size()));
        }
        return found;
    }
}
