package wegweiser.core.batch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.make.Deed;
import wegweiser.core.make.HandTimes;
import wegweiser.core.make.Step;

/**
 * In which order one pair of hands builds several cables of one kind, while resin cures by itself in as many vises as there
 * are. Hands do one step at a time; a step is done when what it needs is done and has waited. Three rules of order are tried
 * and the one that is finished first is taken: what has most before it first (Hu, Parallel sequencing and assembly line
 * problems, 1961), one cable after the other, and what leads to a long wait first. O(units x steps x units).
 *
 * @param works when which step of which cable is worked on, in the order of time
 * @param waits when what cures
 * @param readySeconds when each cable is ready
 * @param boundSeconds no order is finished before
 */
public record Schedule(List<Work> works, List<Work> waits, List<Integer> readySeconds, int boundSeconds) {
    /** Whatever waits longer than this is held in a vise meanwhile. */
    private static final int VISE_SECONDS = 120;
    /** Of orders that are finished at almost the same time, the one whose cables are ready sooner is better. */
    private static final double ALMOST = 1.01;

    public Schedule {
        works = List.copyOf(works);
        waits = List.copyOf(waits);
        readySeconds = List.copyOf(readySeconds);
    }

    /** A step of a cable, counted from 0, from one second to another. */
    public record Work(int unit, Step step, int from, int to) {}

    /** Which of several steps comes first. */
    private enum Rule {
        LONGEST_WAY,
        CABLE_BY_CABLE,
        WAITS_FIRST
    }

    /** When the last cable is ready, in seconds. */
    public int seconds() {
        return readySeconds.stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** How long hands have nothing to do before all is ready, in seconds. */
    public int idleSeconds() {
        return seconds() - works.stream().mapToInt(w -> w.to() - w.from()).sum();
    }

    /**
     * The order for some cables.
     *
     * @param steps of one of them, each with what it needs
     * @param vises how many may cure at a time, at least 1
     * @param times of whoever builds
     * @throws IllegalArgumentException when there are no vises
     */
    public static Schedule of(List<Step> steps, int units, int vises, HandTimes times) {
        if (vises < 1) {
            throw new IllegalArgumentException("at least one vise");
        }
        Plan plan = new Plan(steps, times);
        List<Schedule> tried = Arrays.stream(Rule.values())
                .map(rule -> new Run(plan, units, vises, rule).schedule()).toList();
        int first = tried.stream().mapToInt(Schedule::seconds).min().orElseThrow();
        return tried.stream().filter(s -> s.seconds() <= ALMOST * first)
                .min(Comparator.comparingLong(Schedule::sum)).orElseThrow();
    }

    private long sum() {
        return readySeconds.stream().mapToLong(Integer::longValue).sum();
    }

    /** The steps of one cable by number, with what each needs and the longest way from it to the end. */
    private static final class Plan {
        private final List<Step> steps;
        private final int[][] needs;
        private final int[] way;
        private final int[] waitsAfter;
        private final boolean[] held;
        private final int[] handSeconds;
        private final int hands;

        Plan(List<Step> steps, HandTimes times) {
            this.steps = steps;
            handSeconds = steps.stream().mapToInt(s -> times.seconds(s.deed())).toArray();
            Map<String, Integer> at = new HashMap<>();
            for (int k = 0; k < steps.size(); k++) {
                at.put(steps.get(k).key(), k);
            }
            needs = steps.stream()
                    .map(s -> s.needs().stream().filter(at::containsKey).mapToInt(at::get).toArray())
                    .toArray(int[][]::new);
            way = new int[steps.size()];
            waitsAfter = new int[steps.size()];
            held = new boolean[steps.size()];
            for (int k = steps.size() - 1; k >= 0; k--) {
                way[k] += length(k);
                int wait = steps.get(k).waitSeconds();
                waitsAfter[k] += wait;
                for (int need : needs[k]) {
                    way[need] = Math.max(way[need], way[k]);
                    waitsAfter[need] = Math.max(waitsAfter[need], waitsAfter[k]);
                    // a cast stands in its vise until it can be worked on
                    held[need] |= wait > VISE_SECONDS && steps.get(need).deed() instanceof Deed.Pour;
                }
            }
            hands = Arrays.stream(handSeconds).sum();
        }

        int length(int k) {
            return handSeconds[k] + steps.get(k).waitSeconds();
        }

        /** How long a cast stands in its vise: until what waits on it directly is over. */
        int heldFor(int k) {
            int longest = 0;
            for (int j = k + 1; j < steps.size(); j++) {
                if (Arrays.stream(needs[j]).anyMatch(n -> n == k)
                        && steps.get(j).waitSeconds() > VISE_SECONDS) {
                    longest = Math.max(longest, steps.get(j).waitSeconds());
                }
            }
            return longest;
        }

        /** One cable takes its longest way; hands do everything; vises are held in turn. */
        int bound(int units, int vises) {
            int inVises = 0;
            for (int k = 0; k < steps.size(); k++) {
                inVises += held[k] ? handSeconds[k] + heldFor(k) : 0;
            }
            int longest = Arrays.stream(way).max().orElse(0);
            return units == 0
                    ? 0
                    : Math.max(Math.max(longest, units * hands), (int) ((long) units * inVises / vises));
        }
    }

    /** One way through, by one rule. */
    private static final class Run {
        private final Plan plan;
        private final Rule rule;
        /** When each step of each cable is over; -1 for one that is not done. */
        private final int[][] end;
        /** The steps of each cable that could be done now or later, each with its earliest second. */
        private final List<List<int[]>> open = new ArrayList<>();
        private final int[] viseFree;
        private final List<Work> works = new ArrayList<>();
        private final List<Work> waits = new ArrayList<>();

        Run(Plan plan, int units, int vises, Rule rule) {
            this.plan = plan;
            this.rule = rule;
            this.end = new int[units][plan.steps.size()];
            for (int[] row : end) {
                Arrays.fill(row, -1);
            }
            this.viseFree = new int[vises];
            for (int u = 0; u < units; u++) {
                open.add(List.of());
                reopen(u);
            }
        }

        Schedule schedule() {
            int now = 0;
            while (true) {
                int unit = -1;
                int step = -1;
                int next = Integer.MAX_VALUE;
                int vise = vise();
                for (int u = 0; u < open.size(); u++) {
                    for (int[] candidate : open.get(u)) {
                        int from = plan.held[candidate[0]] ? Math.max(candidate[1], vise) : candidate[1];
                        next = Math.min(next, from);
                        if (from <= now && (unit < 0 || isBefore(u, candidate[0], unit, step))) {
                            unit = u;
                            step = candidate[0];
                        }
                    }
                }
                if (unit >= 0) {
                    now = work(unit, step, now);
                } else if (next < Integer.MAX_VALUE) {
                    now = next;
                } else {
                    return result();
                }
            }
        }

        private int work(int u, int k, int now) {
            end[u][k] = now + plan.handSeconds[k];
            works.add(new Work(u, plan.steps.get(k), now, end[u][k]));
            if (plan.held[k]) {
                for (int v = 0; v < viseFree.length; v++) {
                    if (viseFree[v] <= now) {
                        viseFree[v] = end[u][k] + plan.heldFor(k);
                        break;
                    }
                }
            }
            reopen(u);
            return end[u][k];
        }

        /** When the first vise is free. */
        private int vise() {
            int first = Integer.MAX_VALUE;
            for (int free : viseFree) {
                first = Math.min(first, free);
            }
            return first;
        }

        /** What a cable's next steps are, after one was done; time that needs no hands begins at once. */
        private void reopen(int u) {
            List<int[]> now = new ArrayList<>();
            for (int k = 0; k < plan.steps.size(); k++) {
                int from = end[u][k] >= 0 ? -1 : from(u, k);
                if (from >= 0 && plan.steps.get(k).waitSeconds() > 0) {
                    end[u][k] = from + plan.steps.get(k).waitSeconds();
                    waits.add(new Work(u, plan.steps.get(k), from, end[u][k]));
                } else if (from >= 0) {
                    now.add(new int[]{k, from});
                }
            }
            open.set(u, now);
        }

        /** The earliest second at which what a step needs is over; -1 while it is not done. */
        private int from(int u, int k) {
            int from = 0;
            for (int need : plan.needs[k]) {
                if (end[u][need] < 0) {
                    return -1;
                }
                from = Math.max(from, end[u][need]);
            }
            return from;
        }

        private boolean isBefore(int u, int k, int otherUnit, int other) {
            int by = switch (rule) {
                case LONGEST_WAY -> plan.way[other] - plan.way[k];
                case CABLE_BY_CABLE -> u - otherUnit;
                case WAITS_FIRST -> plan.waitsAfter[other] - plan.waitsAfter[k];
            };
            return by < 0 || by == 0 && (u < otherUnit || u == otherUnit && k < other);
        }

        private Schedule result() {
            List<Integer> ready = new ArrayList<>();
            for (int[] row : end) {
                ready.add(Arrays.stream(row).max().orElse(0));
            }
            waits.sort(Comparator.comparingInt(Work::from).thenComparingInt(Work::unit));
            return new Schedule(works, waits, ready, plan.bound(end.length, viseFree.length));
        }
    }
}
