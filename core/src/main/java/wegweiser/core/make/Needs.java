package wegweiser.core.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.model.Terminal;

/**
 * Which steps a step cannot be done without, from what is done in them: nothing slides past a joint, nothing is joined
 * that was not bared, nothing is closed that was not tested.
 */
final class Needs {
    private Needs() {}

    /** The steps with what each needs, only the nearest: what those need in turn is not repeated. O(steps squared). */
    static List<Step> of(List<Step> steps) {
        List<Step> all = new ArrayList<>();
        Map<String, Set<String>> covered = new HashMap<>();
        Set<String> made = steps.stream().filter(s -> s.deed() instanceof Deed.Join).map(Step::end)
                .collect(Collectors.toSet());
        for (int k = 0; k < steps.size(); k++) {
            Step step = steps.get(k);
            List<String> needed = new ArrayList<>();
            Set<String> through = new LinkedHashSet<>();
            for (int j = k - 1; j >= 0; j--) {
                Step before = steps.get(j);
                if (!through.contains(before.key()) && isNeeded(step, before, made)) {
                    needed.addFirst(before.key());
                    through.add(before.key());
                    through.addAll(covered.get(before.key()));
                }
            }
            covered.put(step.key(), through);
            all.add(step.needing(needed));
        }
        return all;
    }

    /** The steps that cannot be done, or prove nothing, without one of them; in order. */
    static List<Step> dependents(List<Step> steps, String key) {
        Set<String> lost = new LinkedHashSet<>(Set.of(key));
        List<Step> found = new ArrayList<>();
        for (Step step : steps) {
            if (step.needs().stream().anyMatch(lost::contains)) {
                lost.add(step.key());
                found.add(step);
            }
        }
        return found;
    }

    private static boolean isNeeded(Step step, Step before, Set<String> made) {
        return step.deed() instanceof Deed.Wait wait && !wait.after().isEmpty()
                ? before.key().equals(wait.after())
                : isNeeded(step.deed(), before.deed()) || isFound(step.deed(), before.deed(), made);
    }

    /** Which wire goes where has to be found before it is joined: at the end itself, or behind one that stays. */
    private static boolean isFound(Deed deed, Deed before, Set<String> made) {
        return before instanceof Deed.Look look && !look.contacts().isEmpty()
                && (look.end().equals(deed.end()) || !made.contains(look.end()))
                && (deed instanceof Deed.Join || deed instanceof Deed.Place || deed instanceof Deed.Sever
                        || deed instanceof Deed.InLine);
    }

    private static boolean isNeeded(Deed deed, Deed before) {
        if (deed.end().isEmpty() && !before.end().isEmpty()) {
            // the cable as a whole is judged when every end is closed
            return deed instanceof Deed.Look look && look.contacts().isEmpty()
                    && !(before instanceof Deed.Look || before instanceof Deed.PutBack);
        }
        if (before.end().isEmpty()) {
            return before instanceof Deed.Cut || before instanceof Deed.Slide || before instanceof Deed.Peel
                    || deed.end().isEmpty() && !(before instanceof Deed.Look);
        }
        if (!deed.end().equals(before.end())) {
            return false;
        }
        return switch (before) {
            case Deed.Look _ -> false;
            case Deed.PutBack _, Deed.Screen _ -> isAfterJoints(deed) || touches(deed, before.contacts());
            case Deed.Cut _, Deed.Peel _, Deed.Slide _, Deed.Open _, Deed.LeadOut _, Deed.Sleeve _,
                    Deed.Bare _, Deed.Ready _, Deed.Fit _, Deed.Place _ ->
                rank(deed) > rank(before) || isReadying(deed) && isReadying(before);
            case Deed.InLine _ ->
                deed instanceof Deed.Join && touches(deed, before.contacts()) || isAfterJoints(deed);
            case Deed.Join _, Deed.Bridge _, Deed.Splice _ -> isAfterJoints(deed);
            case Deed.Sever _, Deed.Test _, Deed.Cover _, Deed.Pour _, Deed.Close _, Deed.Wait _ -> true;
        };
    }

    private static boolean isReadying(Deed deed) {
        return deed instanceof Deed.Bare || deed instanceof Deed.Ready || deed instanceof Deed.Fit;
    }

    private static boolean isAfterJoints(Deed deed) {
        return rank(deed) > rank(new Deed.Join("", List.of(), List.of(), 0));
    }

    private static boolean touches(Deed deed, List<Terminal> contacts) {
        return deed.contacts().stream().anyMatch(contacts::contains);
    }

    /** How far an end is when something is done to it. */
    private static int rank(Deed deed) {
        return switch (deed) {
            case Deed.Look _, Deed.Cut _ -> 0;
            case Deed.Peel _, Deed.Slide _ -> 1;
            case Deed.Open _, Deed.LeadOut _ -> 2;
            case Deed.Screen _, Deed.PutBack _, Deed.Sleeve _ -> 3;
            case Deed.Bare _, Deed.Ready _, Deed.Fit _, Deed.Place _ -> 4;
            case Deed.InLine _, Deed.Join _, Deed.Bridge _, Deed.Sever _, Deed.Splice _ -> 5;
            case Deed.Test _, Deed.Cover _, Deed.Pour _, Deed.Close _, Deed.Wait _ -> 6;
        };
    }
}
