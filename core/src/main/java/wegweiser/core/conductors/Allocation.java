package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Half;
import wegweiser.core.signals.Pin;

/**
 * Gives each link that runs along the cable a conductor. What a connector dictates comes first, then pairs, then the habits of
 * the trade, then what is easily told apart; see {@link Likes} and {@link Arrangement} for what is weighed, and
 * {@link Assignment} for how. Conductors that links have already stay.
 */
public final class Allocation {
    /** A line that finds no conductor costs more than any habit, and less than what a connector forbids. */
    private static final double NONE = 300;
    private static final double LESS_NEEDED = 20;

    private final Job job;
    private final CableStock cable;
    private final List<Link> links;
    private final Given given;
    private final List<Line> lines;
    private final List<String> free;
    private final Map<Terminal, Pin> pins = new HashMap<>();

    private Allocation(Job job, CableStock cable, List<Link> links, Set<String> spare) {
        this.job = job;
        this.cable = cable;
        this.links = links;
        Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
        this.given = Given.of(job, links);
        this.free = cable.conductors().stream().filter(Predicate.not(spare::contains))
                .filter(c -> !given.isEverywhere(c)).toList();
        List<Terminal> order = Terminals.of(job);
        this.lines = Line.of(job, links, pins).stream()
                .sorted(Comparator.comparing(l -> order.indexOf(l.terminals().getFirst()))).toList();
    }

    /** The links with conductors; unchanged when the job has no cable from the catalogue. */
    public static List<Link> of(Job job, List<Link> links) {
        return of(job, links, Set.of());
    }

    /** The same with some conductors that are not to be used. */
    public static List<Link> of(Job job, List<Link> links, Set<String> spare) {
        Loom loom = job.cable().loom();
        List<Link> plain = links.stream().filter(l -> loom.spliceOf(l).isEmpty()).toList();
        Set<String> taken = new HashSet<>(spare);
        loom.splices().forEach(s -> s.wires().forEach(tail -> taken.add(tail.wire())));
        Iterator<Link> dressed = Cables.of(job)
                .map(c -> new Allocation(job, c, plain, taken).allocate()).orElse(plain).iterator();
        // behind a splice the wires are those of the splice
        return links.stream().map(l -> loom.spliceOf(l).isPresent() ? l : dressed.next())
                .toList();
    }

    /**
     * The job with all conductors chosen anew but those that a person chose; as after another cable was taken. A screen stays
     * one where the cable has one.
     */
    public static Job anew(Job job) {
        Optional<CableStock> cable = Cables.of(job);
        boolean screened = cable.filter(CableStock::isScreened).isPresent();
        List<Link> bare = job.links().stream().map(l -> {
            boolean stays = l.pinned() && l.conductor().filter(c -> cable
                    .filter(s -> s.conductors().contains(c)).isPresent()).isPresent()
                    || l.to().isEmpty() || screened && l.isOnScreen();
            return stays ? l : l.unpinned();
        }).toList();
        return job.withLinks(of(job, screened ? onScreen(job, bare) : bare));
    }

    /** Where contacts are made for the screen, the link between them lies on it, if none does yet. */
    private static List<Link> onScreen(Job job, List<Link> links) {
        Derived derived = Derived.of(job);
        boolean taken = links.stream().anyMatch(l -> l.isOnScreen());
        Optional<Link> made = links.stream().filter(l -> l.conductor().isEmpty() && l.isCopper())
                .filter(l -> !l.isWithinOneEnd())
                .filter(l -> derived.isReturn(l.from()) && derived.isReturn(l.to().orElseThrow()))
                .findFirst();
        return taken
                ? links
                : links.stream()
                        .map(l -> made.equals(Optional.of(l)) ? l.withConductor(Optional.of(Link.SCREEN)) : l)
                        .toList();
    }

    private List<Link> allocate() {
        int[] at = Assignment.of(arrangement());
        List<Link> result = new ArrayList<>(links);
        for (int line = 0; line < at.length; line++) {
            if (at[line] < free.size()) {
                String conductor = free.get(at[line]);
                lines.get(line).links()
                        .forEach(n -> result.set(n, links.get(n).withConductor(Optional.of(conductor))));
            }
        }
        return result;
    }

    private Arrangement arrangement() {
        ToDoubleFunction<Line> current = line -> line.amps(pins.values());
        Likes likes = new Likes(job, cable, Dictated.of(job, cable), current,
                lines.stream().mapToDouble(current).max().orElse(0));
        // a line goes without where there are too few, and rather than take what is for earth alone
        int without = given.isPartly()
                ? lines.size()
                : Math.max(0, lines.size() - free.size())
                        + (free.contains(ColourCode.EARTH) || lines.stream().anyMatch(Line::isProtectiveEarth)
                                ? 1
                                : 0);
        int columns = free.size() + without;
        double[][] own = new double[lines.size()][columns];
        boolean[] quiet = new boolean[lines.size()];
        for (int line = 0; line < lines.size(); line++) {
            Line l = lines.get(line);
            quiet[line] = l.isSupply() || l.isReturn();
            for (int c = 0; c < columns; c++) {
                own[line][c] = c < free.size()
                        ? likes.cost(l, line, free.get(c)) + given.cost(l, links, free.get(c))
                        : NONE - (l.isSignal() || quiet[line] ? 0 : LESS_NEEDED);
            }
        }
        return new Arrangement(own, partners(), mates(), quiet, neighbours(), alike());
    }

    private int[] partners() {
        return free.stream().mapToInt(c -> cable.partner(c).map(free::indexOf).orElse(-1)).toArray();
    }

    /** The other half of each line, by the first end at which it is half of a pair. */
    private int[] mates() {
        int[] mates = new int[lines.size()];
        Arrays.fill(mates, -1);
        for (String end : job.ends().stream().map(e -> e.name()).toList()) {
            Map<String, Integer> open = new HashMap<>();
            for (int line = 0; line < mates.length; line++) {
                Optional<Half> half = half(lines.get(line), end);
                if (half.isPresent() && mates[line] < 0) {
                    Integer other = open.putIfAbsent(half.get().pair(), line);
                    if (other != null && mates[other] < 0) {
                        mates[line] = other;
                        mates[other] = line;
                    }
                }
            }
        }
        return mates;
    }

    private static Optional<Half> half(Line line, String end) {
        return line.pins().stream().filter(p -> p.isAt(end) && p.isSignal()).map(Pin::half)
                .flatMap(Optional::stream).findFirst();
    }

    private List<int[]> neighbours() {
        List<int[]> found = new ArrayList<>();
        Catalogue catalogue = Catalogue.of(job);
        for (int a = 0; a < lines.size(); a++) {
            for (int b = a + 1; b < lines.size(); b++) {
                if (areNeighbours(catalogue, lines.get(a), lines.get(b))) {
                    found.add(new int[]{a, b});
                }
            }
        }
        return found;
    }

    private boolean areNeighbours(Catalogue catalogue, Line a, Line b) {
        return a.terminals().stream().anyMatch(t -> job.end(t.end()).flatMap(catalogue::of)
                .filter(type -> type.has(t.contact())).map(type -> type.neighbours(t.contact()))
                .filter(near -> b.terminals().stream()
                        .anyMatch(u -> u.end().equals(t.end()) && near.contains(u.contact())))
                .isPresent());
    }

    private boolean[][] alike() {
        boolean[][] alike = new boolean[free.size()][free.size()];
        for (int a = 0; a < free.size(); a++) {
            for (int b = 0; b < free.size(); b++) {
                alike[a][b] = a != b && !cable.flat() && ColourCode.areAlike(free.get(a), free.get(b));
            }
        }
        return alike;
    }
}
