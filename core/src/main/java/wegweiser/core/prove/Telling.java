package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/**
 * The touch that tells stories of a failed cable apart: the one whose answer is least certain by what they foresee, in bits a
 * second. In ohms, so that copper, a component and nothing are three answers. O(terminals² x stories).
 */
public final class Telling {
    /** From here on it is said what it is, and nothing more is asked. */
    private static final double CERTAIN = 0.98;
    private static final double LEAST_BITS = 0.01;
    private static final double READ_SECONDS = 1;

    private Telling() {}

    /** What to touch; empty when one story is likely enough, or no touch tells the likely ones apart. */
    public static Optional<Touch> next(Derived derived, List<Explanation> explanations, Testing testing) {
        List<Explanation> stories = explanations.stream().filter(Explanation::isWhole).toList();
        if (stories.size() < 2 || stories.getFirst().share() >= CERTAIN) {
            return Optional.empty();
        }
        TerminalIndex index = derived.index();
        List<Foreseen> then = stories.stream().map(s -> new Foreseen(Nets.of(index, s.links()), s.links()))
                .toList();
        Set<Touch> made = new HashSet<>();
        derived.job().readings().stream().filter(r -> r.mode() == Mode.OHMS && !r.isAssumed())
                .map(Reading::touch)
                .forEach(made::add);
        Optional<Touch> last = Optional.of(derived.job().readings()).filter(r -> !r.isEmpty())
                .map(r -> r.getLast().touch());
        List<Integer> those = named(index, derived.job().links(), stories);
        double best = 0;
        Touch chosen = null;
        for (int i = 0; i < those.size(); i++) {
            Superseded.check();
            for (int j = i + 1; j < those.size(); j++) {
                double bits = bits(stories, then, those.get(i), those.get(j));
                if (bits < LEAST_BITS) {
                    continue;
                }
                Touch touch = Touch.of(index.get(those.get(i)), index.get(those.get(j)));
                double worth = bits / (READ_SECONDS + testing.cost().seconds(last, touch, Fixture.PROBES));
                if (worth > best && !made.contains(touch)) {
                    best = worth;
                    chosen = touch;
                }
            }
        }
        return Optional.ofNullable(chosen);
    }

    /** The terminals that the plan or a story joins to anything. */
    private static List<Integer> named(TerminalIndex index, List<Link> planned, List<Explanation> stories) {
        Set<Terminal> all = new HashSet<>();
        List<List<Link>> lists = new ArrayList<>(stories.stream().map(Explanation::links).toList());
        lists.add(planned);
        lists.forEach(links -> links.forEach(l -> {
            all.add(l.from());
            l.to().ifPresent(all::add);
        }));
        return all.stream().filter(index::contains).map(index::of).sorted().toList();
    }

    /** How much the answer tells, in bits: the entropy of copper, a component and nothing. */
    private static double bits(List<Explanation> stories, List<Foreseen> then, int a, int b) {
        double[] share = new double[3];
        double all = 0;
        for (int k = 0; k < then.size(); k++) {
            Foreseen foreseen = then.get(k);
            int answer = foreseen.nets().partition().isJoined(a, b) ? 0 : foreseen.isNear(a, b) ? 1 : 2;
            share[answer] += stories.get(k).share();
            all += stories.get(k).share();
        }
        double bits = 0;
        for (double each : share) {
            double p = each / all;
            bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
        }
        return bits;
    }
}
