package wegweiser.core.route;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** Wirings that are told in a word: laid between two ends in place of what was planned between them. */
public final class Patterns {
    private Patterns() {}

    /** What a word means. */
    public enum Pattern {
        /** Each contact to the one of its own name. */
        STRAIGHT,
        /** The first to the last, the second to the last but one. */
        REVERSED,
        /** As planned, with what goes to the contacts of a run turned round within it. */
        TURNED,
        /** As planned, with what goes to two contacts exchanged. */
        EXCHANGED
    }

    /**
     * The job by a pattern between its contacts from one to another, in the order of the connector; the conductors are chosen
     * anew. Links to other ends and within ends stay. O(contacts + links).
     *
     * @param from and {@code to}: contacts of the second end, which may be the same as the first and last there are
     * @throws IllegalArgumentException where there is no such end or contact
     */
    public static Job of(Job job, Pattern pattern, String near, String far, String from, String to) {
        End first = end(job, near);
        End second = end(job, far);
        List<String> run = run(job, second, from, to);
        return Allocation.anew(job.withLinks(switch (pattern) {
            case STRAIGHT -> laid(job, first, second, run, run);
            case REVERSED -> laid(job, first, second, run, run.reversed());
            case TURNED -> moved(job, first, second, run, run.reversed());
            case EXCHANGED -> moved(job, first, second, List.of(run.getFirst(), run.getLast()),
                    List.of(run.getLast(), run.getFirst()));
        }));
    }

    private static End end(Job job, String name) {
        return job.end(name).orElseThrow(() -> new IllegalArgumentException("no end " + name));
    }

    private static List<String> run(Job job, End end, String from, String to) {
        List<String> all = contacts(job, end);
        int a = all.indexOf(from);
        int b = all.indexOf(to);
        if (a < 0 || b < 0) {
            throw new IllegalArgumentException("no contact " + (a < 0 ? from : to));
        }
        return all.subList(Math.min(a, b), Math.max(a, b) + 1);
    }

    /** The contacts of an end that a pattern counts, in order; a shell is none. */
    public static List<String> contacts(Job job, End end) {
        return Terminals.of(job, end).stream().map(Terminal::contact).filter(c -> !c.equals("shell"))
                .toList();
    }

    /** New links from the contacts of the first end, as many as it has, to the given ones of the second. */
    private static List<Link> laid(Job job, End first, End second, List<String> near, List<String> far) {
        Set<String> there = new HashSet<>(contacts(job, first));
        List<Link> links = new ArrayList<>(
                job.links().stream().filter(l -> !isBetween(l, first, second)
                        || !near.contains(contact(l, first)) && !far.contains(contact(l, second))).toList());
        for (int k = 0; k < near.size(); k++) {
            if (there.contains(near.get(k))) {
                links.add(Link.of(first.terminal(near.get(k)), second.terminal(far.get(k))));
            }
        }
        return links;
    }

    private static boolean isBetween(Link link, End first, End second) {
        return link.to().isPresent() && !link.isWithinOneEnd()
                && Set.of(link.from().end(), link.to().get().end())
                        .equals(Set.of(first.name(), second.name()));
    }

    private static String contact(Link link, End end) {
        return link.from().end().equals(end.name())
                ? link.from().contact()
                : link.to().orElseThrow().contact();
    }

    /** The links with those that go to some contacts of the second end going to others. */
    private static List<Link> moved(Job job, End first, End second, List<String> before, List<String> after) {
        return job.links().stream().map(l -> {
            int at = isBetween(l, first, second) ? before.indexOf(contact(l, second)) : -1;
            if (at < 0) {
                return l;
            }
            Terminal there = second.terminal(after.get(at));
            boolean turned = l.from().end().equals(second.name());
            return new Link(turned ? there : l.from(), Optional.of(turned ? l.to().orElseThrow() : there),
                    l.conductor(), l.part(), Optional.empty(), l.pinned(), l.extra());
        }).toList();
    }
}
