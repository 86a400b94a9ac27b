package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * What is done with the plug off once every contact was read through a ladder plug. A value that names one contact is
 * taken as it is. Beeped are the contacts of a value that may mean several things, both contacts of one that means two,
 * those that two near contacts name, and, as soon as some value fits nothing or a beep fails to come, every join that was
 * taken as it is: a part in the cable bends values, and that is how it shows.
 */
final class LadderSettling {
    /** The meaning of a value over range. */
    private static final List<List<Integer>> OPEN = List.of(List.of());

    private final List<Terminal> far;
    private final CostModel cost;
    private final BiPredicate<Terminal, Terminal> beeps;
    private final Map<Terminal, List<List<Integer>>> meanings = new LinkedHashMap<>();
    private final Set<Terminal> doubtful = new LinkedHashSet<>();
    private final Set<Terminal> unsure = new LinkedHashSet<>();
    private final Map<Touch, Boolean> touched = new LinkedHashMap<>();
    private Optional<Terminal> last = Optional.empty();
    private double seconds;

    /**
     * @param read for each near contact what its value may mean
     * @param beeps whether two contacts beep
     */
    LadderSettling(Map<Terminal, List<List<Integer>>> read, List<Terminal> far, CostModel cost,
            BiPredicate<Terminal, Terminal> beeps) {
        this.far = far;
        this.cost = cost;
        this.beeps = beeps;
        read.forEach((near, fits) -> {
            if (fits.isEmpty()) {
                unsure.add(near);
            } else {
                meanings.put(near, fits);
            }
        });
        meanings.forEach((near, fits) -> {
            if (!isSingle(fits) && !fits.equals(OPEN) || isShared(near)) {
                doubtful.add(near);
            }
        });
    }

    private static boolean isCertain(List<List<Integer>> fits) {
        return fits.size() == 1;
    }

    private static boolean isSingle(List<List<Integer>> fits) {
        return isCertain(fits) && fits.getFirst().size() == 1;
    }

    /** Whether another near contact names the same far contact, which then joins the two. */
    private boolean isShared(Terminal near) {
        List<List<Integer>> fits = meanings.get(near);
        return isSingle(fits) && meanings.entrySet().stream()
                .anyMatch(o -> !o.getKey().equals(near) && o.getValue().equals(fits));
    }

    /** Whether something was beeped from a near contact: then silence alone must not decide. */
    private boolean isAsked(Terminal near) {
        return touched.keySet().stream().anyMatch(t -> t.red().contains(near));
    }

    /** Settles one after the other, what shows a short first, until all is settled or what is known is enough. */
    void run(Predicate<List<Reading>> enough) {
        while (!doubtful.isEmpty()) {
            doubtful.forEach(near -> meanings.put(near, possible(near)));
            Terminal near = doubtful.stream()
                    .min(Comparator.comparingInt(n -> isCertain(meanings.get(n))
                            ? 0
                            : LadderTrace.isShort(meanings.get(n)) ? 1 : 2))
                    .orElseThrow();
            if (isSingle(meanings.get(near)) && !isShared(near) && !isAsked(near)) {
                doubtful.remove(near);
            } else if (isCertain(meanings.get(near))) {
                confirm(near);
            } else if (enough.test(readings())) {
                break;
            } else {
                narrow(near);
            }
        }
        if (!unsure.isEmpty() && !enough.test(readings())) {
            List.copyOf(meanings.keySet()).stream().filter(n -> isCertain(meanings.get(n)))
                    .forEach(this::confirm);
        }
    }

    /** Beeps all contacts of the one meaning that is left. */
    private void confirm(Terminal near) {
        boolean all = true;
        for (int at : meanings.get(near).getFirst()) {
            all &= touch(near, at);
        }
        if (!all) {
            giveUp(near);
        }
        doubtful.remove(near);
    }

    /** Asks about the contact of the likeliest meaning, which is a single one, that not all meanings share. */
    private void narrow(Terminal near) {
        List<List<Integer>> fits = meanings.get(near);
        int at = fits.stream()
                .flatMap(List::stream)
                .filter(k -> !fits.stream().allMatch(m -> m.contains(k)))
                .findFirst()
                .orElseThrow();
        boolean joined = touch(near, at);
        List<List<Integer>> left = fits.stream().filter(m -> m.contains(at) == joined).toList();
        if (left.isEmpty()) {
            giveUp(near);
        } else {
            meanings.put(near, left);
        }
    }

    /** What the plug shows of a contact is not so, or it cannot show it: three are joined, or a part lies in the way. */
    private void giveUp(Terminal near) {
        meanings.remove(near);
        doubtful.remove(near);
        unsure.add(near);
    }

    private boolean touch(Terminal near, int at) {
        Touch touch = Touch.of(near, far.get(at));
        Boolean known = touched.get(touch);
        if (known != null) {
            return known;
        }
        seconds += (touched.isEmpty() ? cost.changePlug() : 0)
                + (last.equals(Optional.of(near)) ? 1 : 2) * cost.moveProbe();
        last = Optional.of(near);
        boolean beep = beeps.test(near, far.get(at));
        touched.put(touch, beep);
        return beep;
    }

    /**
     * The meanings that others leave: two far contacts that are shorted show as a pair at every near contact, so none of
     * them can be alone at another one.
     */
    private List<List<Integer>> possible(Terminal near) {
        List<List<Integer>> all = meanings.get(near);
        List<List<Integer>> left = all.stream()
                .filter(m -> m.size() < 2 || m.stream().noneMatch(at -> meanings.entrySet().stream()
                        .anyMatch(
                                o -> !o.getKey().equals(near) && o.getValue().equals(List.of(List.of(at))))))
                .toList();
        return left.isEmpty() ? all : left;
    }

    /** What is known, as touches between contacts. */
    List<Reading> readings() {
        List<Reading> found = new ArrayList<>();
        touched.forEach((touch, beep) -> found
                .add(Reading.of(Mode.CONTINUITY, touch, beep ? Outcome.BEEP : Outcome.SILENT)));
        meanings.forEach((near, fits) -> LadderTrace.said(near, fits, far).stream()
                .filter(r -> !touched.containsKey(r.touch()))
                .forEach(found::add));
        return found;
    }

    int touches() {
        return touched.size();
    }

    double seconds() {
        return seconds;
    }

    List<Terminal> unsure() {
        return List.copyOf(unsure);
    }
}
