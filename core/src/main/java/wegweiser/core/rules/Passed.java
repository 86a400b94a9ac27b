package wegweiser.core.rules;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.catalog.Contact;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * What was looked at in a plan and found right. A rule that met nothing to judge has not passed: without supply in a plan,
 * supply is not clear of anything.
 */
public final class Passed {
    private static final Map<String, Predicate<Derived>> JUDGED = new LinkedHashMap<>();

    static {
        JUDGED.put("out-to-out", d -> across(d, p -> p.is(Direction.OUT)));
        JUDGED.put("supply-to-ground", d -> across(d, Pin::isSupply));
        JUDGED.put("level-clash", d -> across(d, p -> p.isSignal() && p.level().isPresent()));
        JUDGED.put("no-common-ground", d -> across(d, p -> p.is(Direction.GROUND)));
        JUDGED.put("plan-contradicts-reading", d -> !d.job().readings().isEmpty());
        // single wires have no diameter together, and nothing to be passed
        JUDGED.put("entry-too-large",
                d -> d.cable().filter(c -> !c.flat() && c.diameterMm() > 0).isPresent());
        JUDGED.put("wire-does-not-fit", d -> d.cable().isPresent());
        JUDGED.put("capacitance", d -> d.cable().isPresent() && d.job().cable().lengthMm().isPresent()
                && across(d, p -> p.has(Level.RS232) || p.has(Level.I2C)));
    }

    /** Where a level is not known or has no margin, levels have not passed. */
    private static final Map<String, List<String>> SPOILT_BY = Map.of("level-clash",
            List.of("level-unknown", "level-marginal"), "no-common-ground", List.of("grounds-apart"));

    private Passed() {}

    private static boolean across(Derived derived, Predicate<Pin> wanted) {
        return derived.netsOfPins().stream().anyMatch(net -> Feed.ends(net).size() > 1
                && net.stream().anyMatch(wanted));
    }

    /** One sentence for each rule that is worth saying, had something to judge and found nothing. */
    public static List<String> of(Derived derived) {
        Set<String> spoke = Rules.check(derived).stream().map(Finding::rule).collect(Collectors.toSet());
        return JUDGED.entrySet().stream()
                .filter(e -> !spoke.contains(e.getKey()) && e.getValue().test(derived)
                        && SPOILT_BY.getOrDefault(e.getKey(), List.of()).stream().noneMatch(spoke::contains))
                .map(e -> Words.say("rule." + e.getKey() + ".pass")).toList();
    }

    /** Terminals that the plan joins and of which no pinout says anything, so that nothing was judged there. */
    public static List<Terminal> unknown(Derived derived) {
        return derived.job().links().stream().filter(l -> l.to().isPresent())
                .flatMap(l -> Stream.of(l.from(), l.to().get()))
                .filter(t -> derived.pin(t).isEmpty() && !t.contact().equals(Contact.SHELL)).distinct()
                .toList();
    }
}
