package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Wires that are joined to each other within a cable, so that a contact has one wire where several would lead on from it.
 *
 * @param at the place of the loom where it lies
 * @param wires what is joined there
 */
public record Splice(String name, String at, List<Tail> wires, Map<String, Object> extra) {
    /**
     * One wire of a splice.
     *
     * @param to the contact that it leads to
     * @param wire its colour code
     */
    public record Tail(Terminal to, String wire, Map<String, Object> extra) {
        public Tail {
            extra = Extra.kept(extra);
        }

        public static Tail of(Terminal to, String wire) {
            return new Tail(to, wire, Extra.NONE);
        }
    }

    public Splice {
        wires = List.copyOf(Objects.requireNonNullElse(wires, List.of()));
        extra = Extra.kept(extra);
    }

    public static Splice of(String name, String at, List<Tail> wires) {
        return new Splice(name, at, wires, Extra.NONE);
    }

    /** The wire from here to a contact. */
    public Optional<String> wireTo(Terminal contact) {
        return wires.stream().filter(t -> t.to().equals(contact)).map(Tail::wire).findFirst();
    }

    /** Whether both ends of a link hang on this splice. */
    public boolean joins(Link link) {
        return link.to().isPresent() && wireTo(link.from()).isPresent()
                && wireTo(link.to().get()).isPresent();
    }
}
