package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** Links as they are when something else was done than was planned. */
public final class Relinked {
    private Relinked() {}

    /** All but one. */
    public static List<Link> without(List<Link> links, Link gone) {
        return instead(links, gone, List.of());
    }

    /** Others in the place of one. */
    public static List<Link> instead(List<Link> links, Link gone, List<Link> others) {
        List<Link> left = new ArrayList<>();
        boolean found = false;
        for (Link link : links) {
            if (!found && link.equals(gone)) {
                left.addAll(others);
                found = true;
            } else {
                left.add(link);
            }
        }
        return left;
    }

    /** One more. */
    public static List<Link> with(List<Link> links, Link more) {
        List<Link> all = new ArrayList<>(links);
        all.add(more);
        return all;
    }

    /** The same link between other terminals. */
    public static Link between(Link link, Terminal from, Terminal to) {
        Link made = Link.of(from, to).withConductor(link.conductor());
        return link.part().map(made::withPart).orElse(made);
    }

    /**
     * All wires of an end on other contacts of it.
     *
     * @param where for each contact where its wire is now; empty where it goes nowhere
     */
    public static List<Link> moved(List<Link> links, String end, Function<String, Optional<String>> where) {
        List<Link> moved = new ArrayList<>();
        for (Link link : links) {
            if (link.to().isEmpty() || link.isWithinOneEnd()) {
                moved.add(link);
                continue;
            }
            Optional<Terminal> from = moved(link.from(), end, where);
            Optional<Terminal> to = moved(link.to().get(), end, where);
            if (from.isPresent() && to.isPresent()) {
                moved.add(between(link, from.get(), to.get()));
            }
        }
        return moved;
    }

    private static Optional<Terminal> moved(Terminal terminal, String end,
            Function<String, Optional<String>> where) {
        return terminal.end().equals(end)
                ? where.apply(terminal.contact()).map(c -> new Terminal(end, c))
                : Optional.of(terminal);
    }
}
