package wegweiser.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.make.Materials;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.route.Router;
import wegweiser.core.route.Scheme;

/**
 * What the shelf has for a new cable between two ports.
 *
 * @param cables pieces with wires enough, those with the fewest to spare first, of these the longest
 * @param connectors the connectors that it takes, and how they are covered
 * @param conductors how many wires it takes, 0 where that is not known
 */
public record FromShelf(List<ShelfLine> cables, List<Cover> connectors, int conductors) {
    public FromShelf {
        cables = List.copyOf(cables);
        connectors = List.copyOf(connectors);
    }

    /** Looks at a shelf for the ports of a job. As long as its schemes take. */
    public static FromShelf of(Job wanted, Shelf shelf, Library library) {
        int conductors = Router.schemes(wanted).stream().filter(s -> s.errors() == 0)
                .mapToInt(Scheme::conductors).filter(n -> n > 0).min().orElse(0);
        List<ShelfLine> cables = new ArrayList<>(shelf.lines().stream()
                .filter(l -> l.amount() > 0 && spare(l, conductors, library) >= 0).toList());
        cables.sort(Comparator.comparing((ShelfLine l) -> spare(l, conductors, library))
                .thenComparing(ShelfLine::amount, Comparator.reverseOrder()));
        List<Need> connectors = wanted.ends().stream()
                .flatMap(e -> Catalogue.of(wanted).of(e).map(Materials::connector).stream())
                .map(a -> new Need(a, 1)).toList();
        return new FromShelf(conductors == 0 ? List.of() : cables, shelf.covers(connectors), conductors);
    }

    /** How many wires a piece has beyond those that are needed; negative where it is no cable or has too few. */
    private static int spare(ShelfLine line, int conductors, Library library) {
        return line.article().kind() == Article.Kind.CABLE
                ? stock(line, library).map(c -> c.conductors().size() - conductors).orElse(-1)
                : -1;
    }

    /** The kind of cable that a piece is of. */
    public static Optional<CableStock> stock(ShelfLine line, Library library) {
        return library.cables().stream().filter(c -> c.id().equals(line.article().of())).findFirst()
                .or(() -> Cables.find(line.article().of()));
    }
}
