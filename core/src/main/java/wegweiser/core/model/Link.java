package wegweiser.core.model;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One planned connection.
 *
 * @param to empty when the conductor is insulated at its far end
 * @param conductor colour code of the wire, when it has been chosen; {@link #SCREEN} by whichever of its names it was given
 * @param pinned whether a person chose the conductor, so that it stays when the others are chosen anew
 * @param why one sentence, when the link was proposed by the router
 */
public record Link(Terminal from, Optional<Terminal> to, Optional<String> conductor, Optional<Part> part,
        Optional<String> why, boolean pinned, Map<String, Object> extra) {
    /** The screen of a cable, as a conductor. */
    public static final String SCREEN = "screen";
    /** What people call it. */
    private static final Set<String> SCREEN_NAMES = Set.of(SCREEN, "shield", "drain", "braid");

    public Link {
        conductor = conductor.map(name -> SCREEN_NAMES.contains(name) ? SCREEN : name);
        extra = Extra.kept(extra);
    }

    /** A link whose conductor, if it has one, nobody insists on. */
    public Link(Terminal from, Optional<Terminal> to, Optional<String> conductor, Optional<Part> part,
            Optional<String> why, Map<String, Object> extra) {
        this(from, to, conductor, part, why, false, extra);
    }

    public static Link of(Terminal from, Terminal to) {
        return new Link(from, Optional.of(to), Optional.empty(), Optional.empty(), Optional.empty(),
                Extra.NONE);
    }

    public static Link of(String from, String to) {
        return of(Terminal.parse(from), Terminal.parse(to));
    }

    /** Whether this link is meant to conduct like a wire. */
    public boolean isCopper() {
        return to.isPresent()
                && part.map(p -> p.kind() == PartKind.JUMPER || p.kind() == PartKind.FUSE).orElse(true);
    }

    /** Whether the part of this link is of the given kind. */
    public boolean is(PartKind kind) {
        return part.map(p -> p.kind() == kind).orElse(false);
    }

    /** Whether it lies on the screen of the cable. */
    public boolean isOnScreen() {
        return conductor.filter(SCREEN::equals).isPresent();
    }

    /** Whether both terminals belong to the same end. */
    public boolean isWithinOneEnd() {
        return to.map(t -> t.end().equals(from.end())).orElse(false);
    }

    public boolean touches(Terminal terminal) {
        return from.equals(terminal) || to.map(terminal::equals).orElse(false);
    }

    /** Whether this link runs between these two, in either order. */
    public boolean joins(Terminal a, Terminal b) {
        return to.isPresent()
                && (from.equals(a) && to.get().equals(b) || from.equals(b) && to.get().equals(a));
    }

    public Link withConductor(Optional<String> newConductor) {
        return new Link(from, to, newConductor, part, why, pinned, extra);
    }

    public Link withPart(Part newPart) {
        return new Link(from, to, conductor, Optional.of(newPart), why, pinned, extra);
    }

    public Link withWhy(String newWhy) {
        return new Link(from, to, conductor, part, Optional.of(newWhy), pinned, extra);
    }

    /** This link with a conductor that a person chose. */
    public Link withPinned(String chosen) {
        return new Link(from, to, Optional.of(chosen), part, why, true, extra);
    }

    /** This link whose conductor may be chosen anew. */
    public Link unpinned() {
        return new Link(from, to, Optional.empty(), part, why, false, extra);
    }
}
