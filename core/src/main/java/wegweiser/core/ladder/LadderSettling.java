package wegweiser.core.ladder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * What is touched, one touch after the other with the plug off, once every contact was read through a ladder plug.
 *
 * <ul>
 * <li>A value that names one contact is taken as it is.
 * <li>If a value may mean several things, their contacts are beeped; if it means two contacts, both of them; and so are
 * contacts that two near contacts name.
 * <li>As soon as some value fits nothing, or a beep fails to come, every join that was taken as it is gets beeped too: a
 * part in the cable bends values, and that is how it shows.
 * </ul>
 */
public final class LadderSettling {
    /** The meaning of a value over range. */
    private static final List<List<Integer>> OPEN = List.of(List.of());

    private final LadderPlug plug;
    private final Map<Terminal, Double> values;
    private final List<Terminal> far;
    private final Map<Terminal, List<List<Integer>>> meanings = new LinkedHashMap<>();
    private final Set<Terminal> doubtful = new LinkedHashSet<>();
    private final Set<Terminal> narrowed = new LinkedHashSet<>();
    private final Set<Terminal> confirmed = new LinkedHashSet<>();
    private final Set<Terminal> confirming = new LinkedHashSet<>();
    private final Set<Terminal> unsure = new LinkedHashSet<>();
    private final Map<Touch, Boolean> before;
    private final Map<Touch, Boolean> touched = new LinkedHashMap<>();
    private boolean isAlarmed;

    /**
     * @param values in ohms, for each near contact; over range is infinite
     * @param far the contacts that the plug is on
     * @param before whether near contacts, on red, beep with far ones, where that is known already
     */
    public LadderSettling(LadderPlug plug, Map<Terminal, Double> values, List<Terminal> far,
            Map<Touch, Boolean> before) {
        this.plug = plug;
        this.values = new LinkedHashMap<>(values);
        this.far = List.copyOf(far);
        this.before = Map.copyOf(before);
        values.forEach((near, ohms) -> {
            List<List<Integer>> fits = plug.meanings(OptionalDouble.of(ohms));
            if (fits.isEmpty()) {
                unsure.add(near);
            } else {
                meanings.put(near, fits);
            }
        });
        meanings.forEach((near, fits) -> {
            if (!fits.equals(OPEN) && (!isSingle(fits) || isShared(near) || isSilent(near))) {
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

    /** Whether a contact was silent with the one that its value names. */
    private boolean isSilent(Terminal near) {
        return !known(Touch.of(near, far.get(meanings.get(near).getFirst().getFirst()))).orElse(true);
    }

    /**
     * The touch to be made next: what shows a short comes first. Empty when all is settled, or what is known is enough.
     *
     * @param enough whether readings need not be settled any further, asked before each value that may mean several things
     */
    public Optional<Touch> next(Predicate<List<Reading>> enough) {
        while (isDoubtful()) {
            doubtful.forEach(near -> meanings.put(near, possible(near)));
            Terminal near = doubtful.stream()
                    .min(Comparator.comparingInt(n -> isCertain(meanings.get(n))
                            ? 0
                            : LadderTrace.isShort(meanings.get(n)) ? 1 : 2))
                    .orElseThrow();
            if (isSingle(meanings.get(near)) && !isShared(near)
                    && !narrowed.contains(near) && !isSilent(near)) {
                doubtful.remove(near);
            } else if (isCertain(meanings.get(near))) {
                Optional<Touch> needed = confirm(near);
                if (needed.isPresent()) {
                    return needed;
                }
            } else if (!isNarrowed(near)) {
                if (!enough.test(readings())) {
                    return Optional.of(question(near));
                }
                break;
            }
        }
        if (!isAlarmed && !unsure.isEmpty() && !enough.test(readings())) {
            isAlarmed = true;
            meanings.keySet().stream().filter(n -> isCertain(meanings.get(n))).forEach(confirming::add);
        }
        while (!confirming.isEmpty()) {
            Optional<Touch> needed = confirm(confirming.iterator().next());
            if (needed.isPresent()) {
                return needed;
            }
        }
        return Optional.empty();
    }

    /** Whether anything is left to settle: what has become certain may name a contact that another one named before. */
    private boolean isDoubtful() {
        meanings.keySet().stream().filter(n -> !confirmed.contains(n) && isShared(n)).forEach(doubtful::add);
        return !doubtful.isEmpty();
    }

    /** Notes whether the touch that was asked for beeps. */
    public void answer(Touch touch, boolean beeps) {
        touched.put(touch, beeps);
    }

    /** Asks for a beep of each contact of the one meaning that is left. */
    private Optional<Touch> confirm(Terminal near) {
        boolean all = true;
        for (int at : meanings.get(near).getFirst()) {
            Touch touch = Touch.of(near, far.get(at));
            Optional<Boolean> beeps = known(touch);
            if (beeps.isEmpty()) {
                return Optional.of(touch);
            }
            all &= beeps.get();
        }
        if (!all) {
            giveUp(near);
        }
        confirmed.add(near);
        doubtful.remove(near);
        confirming.remove(near);
        return Optional.empty();
    }

    /** The contact of the likeliest meaning, which is a single one, that not all meanings share. */
    private Touch question(Terminal near) {
        List<List<Integer>> fits = meanings.get(near);
        return fits.stream()
                .flatMap(List::stream)
                .filter(k -> !fits.stream().allMatch(m -> m.contains(k)))
                .map(k -> Touch.of(near, far.get(k)))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Whether the answer to the question about a contact is known. From then on only the meanings that agree with it
     * are left.
     */
    private boolean isNarrowed(Terminal near) {
        Touch touch = question(near);
        Optional<Boolean> beeps = known(touch);
        if (beeps.isEmpty()) {
            return false;
        }
        // silence alone must not decide: what is left then is beeped
        narrowed.add(near);
        int at = far.indexOf(touch.black().getFirst());
        List<List<Integer>> left = meanings.get(near).stream().filter(m -> m.contains(at) == beeps.get())
                .toList();
        if (left.isEmpty()) {
            giveUp(near);
        } else {
            meanings.put(near, left);
        }
        return true;
    }

    /** What the plug shows of a contact is not so, or it cannot show it: three are joined, or a part lies in the way. */
    private void giveUp(Terminal near) {
        meanings.remove(near);
        doubtful.remove(near);
        confirming.remove(near);
        unsure.add(near);
    }

    private Optional<Boolean> known(Touch touch) {
        return Optional.ofNullable(touched.getOrDefault(touch, before.get(touch)));
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

    /** What was learned, as touches between contacts: the touches made here, and what the values add to them. */
    public List<Reading> readings() {
        List<Reading> found = new ArrayList<>();
        touched.forEach((touch, beep) -> found
                .add(Reading.of(Mode.CONTINUITY, touch, beep ? Outcome.BEEP : Outcome.SILENT)));
        found.addAll(said());
        return found;
    }

    /** What the values say beyond what was touched; some of it is only assumed. */
    public List<Reading> said() {
        List<Reading> found = new ArrayList<>();
        values.forEach((near, ohms) -> found
                .addAll(new LadderSays(plug, near, far, at -> known(Touch.of(near, far.get(at))))
                        .of(ohms, Optional.ofNullable(meanings.get(near)))));
        return found;
    }

    /** Near contacts that the plug tells nothing about. */
    public List<Terminal> unsure() {
        return List.copyOf(unsure);
    }
}
