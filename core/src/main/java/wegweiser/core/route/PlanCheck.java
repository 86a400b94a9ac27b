package wegweiser.core.route;

import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

/**
 * What a plan is told before it is built: what the rules find in it, and which lines it leaves out that belong together and
 * cannot meet. Without the second a plan of grounds alone would be clean.
 */
public final class PlanCheck {
    private PlanCheck() {}

    /** Findings, errors first. As long as the rules take, and O(pins²). */
    public static List<Finding> of(Derived derived) {
        return derived.once(PlanCheck.class,
                () -> Stream.concat(leftOut(derived).stream(), Rules.check(derived).stream())
                        .sorted((a, b) -> a.severity().compareTo(b.severity())).toList());
    }

    /** Signals that no wiring joins; whoever feeds a device from elsewhere leaves its supply out on purpose. */
    private static List<Finding> leftOut(Derived derived) {
        return derived.job().links().isEmpty()
                ? List.of()
                : Match.of(derived.job()).refused().stream().filter(f -> f.rule().equals("level-clash"))
                        .filter(f -> f.terminals().stream().noneMatch(t -> isJoined(derived, t))).toList();
    }

    private static boolean isJoined(Derived derived, Terminal terminal) {
        return derived.job().links().stream().anyMatch(l -> l.touches(terminal));
    }
}
