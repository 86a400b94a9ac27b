package wegweiser.core.make;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/**
 * Somebody who does each step as it is written, to a cable that is as stubborn as a real one: what is in the way stays in
 * the way. It knows what a deed does to the cable, and nothing of the rules by which steps are written.
 */
final class Hands {
    private final Job job;
    private final List<String> trouble = new ArrayList<>();
    /** What lies on the sheath at each end, the nearest to the end last. */
    private final Map<String, List<Thing>> onSheath = new HashMap<>();
    private final Set<String> opened = new HashSet<>();
    private final Set<String> closed = new HashSet<>();
    private final Set<String> sleeved = new HashSet<>();
    private final Set<String> cast = new HashSet<>();
    private final Set<String> tested = new HashSet<>();
    private final List<Terminal> placed = new ArrayList<>();
    private final List<Terminal> joined = new ArrayList<>();
    private final List<Link> builtIn = new ArrayList<>();
    private final List<String> screens = new ArrayList<>();
    private final Set<String> ledOut = new HashSet<>();
    private final List<String> spliced = new ArrayList<>();

    private Hands(Job job) {
        this.job = job;
    }

    /** What went wrong when the steps were done; empty when a finished cable lies there. */
    static List<String> build(Job job, List<Step> steps) {
        Hands hands = new Hands(job);
        Set<String> done = new HashSet<>();
        for (Step step : steps) {
            for (String need : step.needs()) {
                if (!done.contains(need)) {
                    hands.trouble.add(step.key() + " needs " + need + ", which comes later or never");
                }
            }
            hands.carryOut(step.key(), step.deed());
            done.add(step.key());
        }
        hands.judge();
        return hands.trouble;
    }

    private boolean isJoined(String end) {
        return joined.stream().anyMatch(t -> t.end().equals(end)) || job.keeps(end);
    }

    private void carryOut(String key, Deed deed) {
        String end = deed.end();
        if (job.keeps(end) && !(deed instanceof Deed.Test || deed instanceof Deed.Look)) {
            trouble.add(key + ": end " + end + " stays");
        }
        switch (deed) {
            case Deed.Slide slide -> {
                List<String> open = end.isEmpty()
                        ? job.ends().stream().map(e -> e.name()).filter(e -> !isJoined(e)).toList()
                        : isJoined(end) ? List.of() : List.of(end);
                if (open.isEmpty()) {
                    trouble.add(key + ": nothing slides past a finished joint");
                }
                onSheath.computeIfAbsent(end, _ -> new ArrayList<>()).addAll(slide.things());
            }
            case Deed.Open _ -> opened.add(end);
            case Deed.Sleeve sleeve -> {
                if (joined.stream().anyMatch(t -> t.end().equals(end))) {
                    trouble.add(key + ": no sleeve gets on a wire that is joined");
                }
                sleeved.add(end);
            }
            case Deed.Place place -> {
                placed.add(place.contact());
                closedAlready(key, end);
            }
            case Deed.Join join -> {
                if (join.contacts().isEmpty()) {
                    trouble.add(key + ": joins nothing");
                }
                join.contacts().forEach(this::joins);
                closedAlready(key, end);
            }
            case Deed.InLine part -> {
                builtIn.add(part.link());
                if (!end.isEmpty() && joined.stream().anyMatch(t -> part.contacts().contains(t))) {
                    trouble.add(key + ": the wire is at its contact already");
                }
                closedAlready(key, end);
            }
            case Deed.Bridge bridge -> builtIn.add(bridge.link());
            case Deed.Sever sever -> builtIn.add(sever.link());
            case Deed.Screen _ -> {
                screens.add(end);
                if (!opened.contains(end)) {
                    trouble.add(key + ": the screen is under the sheath");
                }
            }
            case Deed.Close _ -> {
                if (!end.isEmpty() && !tested.contains(end)) {
                    trouble.add(key + ": closed before it was tested");
                }
                closed.add(end);
            }
            case Deed.Test _ -> tested.add(end);
            case Deed.Cover _ -> cast.add(end);
            case Deed.Pour _ -> {
                if (!tested.contains(end)) {
                    trouble.add(key + ": cast before it was tested");
                }
                cast.add(end);
            }
            case Deed.LeadOut out -> {
                if (!ledOut.add(out.place())) {
                    trouble.add(key + ": its wires are led out already");
                }
            }
            case Deed.Splice splice -> {
                if (!sleeved.contains("")) {
                    trouble.add(key + ": no sleeve gets over it afterwards");
                }
                sleeved.remove("");
                if (joined.stream().anyMatch(t -> splice.contacts().contains(t))) {
                    trouble.add(key + ": its wire is at a contact, and both its ends were to be tried");
                }
                spliced.add(splice.name());
            }
            case Deed.Look _, Deed.Cut _, Deed.Peel _, Deed.PutBack _, Deed.Bare _, Deed.Ready _, Deed.Fit _,
                    Deed.Wait _ ->
                {
                }
        }
    }

    private void joins(Terminal contact) {
        if (joined.contains(contact)) {
            trouble.add(contact + " is joined twice");
        }
        joined.add(contact);
    }

    private void closedAlready(String key, String end) {
        if (closed.contains(end)) {
            trouble.add(key + ": the end is closed");
        }
    }

    private void judge() {
        List<String> asked = job.kept().isEmpty()
                ? job.cable().loom().splices().stream().map(s -> s.name()).toList()
                : List.of();
        if (!spliced.equals(asked)) {
            trouble.add("spliced are " + spliced + ", and there were to be " + asked);
        }
        for (Link link : job.links()) {
            boolean between = !link.isWithinOneEnd() && link.to().isPresent();
            if (between && !link.is(PartKind.CUT)) {
                for (Terminal t : List.of(link.from(), link.to().orElseThrow())) {
                    if (placed.contains(t) && !joined.contains(t)) {
                        trouble.add(t + " was laid in its place and never joined");
                    }
                    if (!job.keeps(t.end()) && !joined.contains(t) && !isScreenAt(t, link)) {
                        trouble.add(t + " has no joint");
                    }
                }
            }
            boolean part = link.part().isPresent() && !link.is(PartKind.CUT)
                    && (link.isWithinOneEnd() ? !job.keeps(link.from().end()) : !link.is(PartKind.JUMPER));
            if (part && builtIn.stream().filter(link::equals).count() != 1) {
                trouble.add(
                        link + " is built in " + builtIn.stream().filter(link::equals).count() + " times");
            }
        }
    }

    /** A screen that goes to the shell is held there by its own step. */
    private boolean isScreenAt(Terminal t, Link link) {
        boolean screen = link.conductor().isPresent() ? link.isOnScreen() : t.contact().equals("shell");
        return screen && screens.contains(t.end());
    }

    /** How often the screen was ended at each end. */
    static Map<String, Long> screensEnded(List<Step> steps) {
        Map<String, Long> found = new HashMap<>();
        steps.stream().map(Step::deed).filter(d -> d instanceof Deed.Screen)
                .forEach(d -> found.merge(d.end(), 1L, Long::sum));
        return found;
    }
}
