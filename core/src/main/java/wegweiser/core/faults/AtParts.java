package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** What goes wrong with components, and with what was to be cut. */
final class AtParts {
    private static final double WRONG_DECADE = 10;

    private final List<Link> links;
    private final List<PossibleFault> found = new ArrayList<>();

    private AtParts(List<Link> links) {
        this.links = links;
    }

    static List<PossibleFault> of(Assembly assembly) {
        AtParts parts = new AtParts(assembly.links());
        for (Link link : parts.links) {
            if (link.to().isPresent() && link.part().isPresent()) {
                parts.one(link, link.part().get());
            }
        }
        return parts.found;
    }

    private void one(Link link, Part part) {
        Link bare = Link.of(link.from(), link.to().orElseThrow()).withConductor(link.conductor());
        switch (part.kind()) {
            case CUT -> cut(link, bare);
            case RESISTOR, DIODE, CAPACITOR -> {
                add(FaultKind.PART_MISSING, link, Relinked.without(links, link));
                add(FaultKind.PART_BRIDGED, link, Relinked.instead(links, link, List.of(bare)));
                if (part.kind() == PartKind.DIODE) {
                    add(FaultKind.PART_REVERSED, link, Relinked.instead(links, link,
                            List.of(Relinked.between(link, link.to().get(), link.from()))));
                }
                part.ohms().ifPresent(ohms -> add(FaultKind.PART_WRONG, link, Relinked.instead(links, link,
                        List.of(bare.withPart(Part.resistor(ohms * WRONG_DECADE))))));
            }
            default -> {
            }
        }
    }

    private void cut(Link link, Link bare) {
        add(FaultKind.STRAND_LEFT, link, Relinked.instead(links, link, List.of(bare)));
        for (Link other : links) {
            if (other.to().isPresent() && other.isCopper() && !other.isWithinOneEnd()) {
                List<Link> then = Relinked.without(Relinked.instead(links, link, List.of(bare)), other);
                found.add(new PossibleFault(FaultKind.WRONG_CUT, "",
                        List.of(link.from(), link.to().get(), other.from(), other.to().get()), then,
                        FaultTable.of(FaultKind.WRONG_CUT.id())));
            }
        }
    }

    private void add(FaultKind kind, Link link, List<Link> then) {
        Terminal to = link.to().orElseThrow();
        found.add(new PossibleFault(kind, "", List.of(link.from(), to), then, FaultTable.of(kind.id())));
    }
}
