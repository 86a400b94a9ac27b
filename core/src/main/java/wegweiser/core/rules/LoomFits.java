package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.assembly.Run;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.Link;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Branches and splices that are not those of the plan: a splice of two nets, a wire used twice, an end that no run leads to. */
final class LoomFits implements Rule {
    /** More wires than these no barrel takes, and no hand holds side by side. */
    private static final int MOST_IN_ONE = 5;

    @Override
    public String id() {
        return "loom-fits";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Assembly assembly = Assembly.of(derived);
        Set<String> taken = new LinkedHashSet<>();
        for (Link link : derived.job().links()) {
            if (derived.job().cable().loom().spliceOf(link).isEmpty()) {
                link.conductor().ifPresent(taken::add);
            }
        }
        for (Splice splice : assembly.splices()) {
            List<Terminal> joined = splice.wires().stream().map(Splice.Tail::to).toList();
            joined.stream().filter(t -> !isJoined(derived, joined.getFirst(), t)).findFirst()
                    .ifPresent(apart -> found.add(Finding.of(id(), Severity.ERROR, joined, splice.name(),
                            joined.getFirst(), apart)));
            if (joined.size() > MOST_IN_ONE) {
                found.add(Finding.variant(id(), "many", Severity.WARNING, joined, splice.name(),
                        joined.size(), MOST_IN_ONE));
            }
            for (Splice.Tail tail : splice.wires()) {
                if (!taken.add(tail.wire())) {
                    found.add(Finding.variant(id(), "twice", Severity.ERROR, List.of(tail.to()),
                            splice.name(),
                            tail.wire()));
                }
            }
        }
        strange(derived, assembly).ifPresent(found::add);
        for (BundleCode code : derived.job().cable().loom().codes()) {
            List<String> there = derived.job().end(code.end()).isEmpty()
                    ? List.of()
                    : assembly.at(code.end()).used().stream().map(ColourCode::plain).sorted().toList();
            if (!there.isEmpty() && !there.equals(code.colours().stream().sorted().toList())) {
                found.add(Finding.variant(id(), "code", Severity.WARNING, assembly.at(code.end()).contacts(),
                        code.end(), Words.list(code.colours()), Words.list(there)));
            }
        }
        List<Place> lost = assembly.runs().isEmpty()
                ? List.of()
                : assembly.places().stream().filter(Place::isWired)
                        .filter(p -> assembly.runs().stream().noneMatch(r -> r.touches(p.name()))).toList();
        if (!lost.isEmpty()) {
            found.add(Finding.variant(id(), "lost", Severity.WARNING,
                    lost.stream().flatMap(p -> p.contacts().stream()).toList(),
                    Words.list(lost.stream().map(Place::name).toList()), lost.size()));
        }
        return found;
    }

    private static boolean isJoined(Derived derived, Terminal a, Terminal b) {
        return derived.index().contains(a) && derived.index().contains(b) && derived.nets().joined(a, b);
    }

    /** Wires of splices and runs that the cable does not have. */
    private Optional<Finding> strange(Derived derived, Assembly assembly) {
        List<String> there = derived.cable().map(c -> c.conductors()).orElse(List.of());
        List<String> strange = there.isEmpty()
                ? List.of()
                : Stream.concat(
                        assembly.splices().stream().flatMap(s -> s.wires().stream()).map(Splice.Tail::wire),
                        assembly.runs().stream().map(Run::spare).flatMap(List::stream))
                        .filter(w -> !there.contains(w)).distinct().toList();
        return strange.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.variant(id(), "strange", Severity.WARNING, List.of(),
                        Words.list(strange), strange.size()));
    }
}
