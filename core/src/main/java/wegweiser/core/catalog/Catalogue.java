package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.OwnConnector;

/**
 * All connectors: those built by rule from their id, and those a job brings along. Building one costs
 * O(contacts) and is done once per id.
 */
public final class Catalogue {
    private static final Map<String, Optional<ConnectorType>> BUILT = new ConcurrentHashMap<>();
    private static final Catalogue STANDARD = new Catalogue(Map.of());

    private final Map<String, ConnectorType> own;

    private Catalogue(Map<String, ConnectorType> own) {
        this.own = own;
    }

    /** The connectors that need no description of their own. */
    public static Catalogue standard() {
        return STANDARD;
    }

    /** The standard connectors and those that the job describes; the job's own win. */
    public static Catalogue of(Job job) {
        if (job.connectors().isEmpty()) {
            return STANDARD;
        }
        return STANDARD.with(job.connectors());
    }

    /** The connector with this id, or empty when the catalogue has none. */
    public Optional<ConnectorType> find(String id) {
        ConnectorType mine = own.get(id);
        return mine != null ? Optional.of(mine) : BUILT.computeIfAbsent(id, Families::build);
    }

    /** The connector of an end, or empty for bare leads and unknown ids. */
    public Optional<ConnectorType> of(End end) {
        return find(end.connector()).map(t -> t.joinedBy(end.termination()));
    }

    /** A connector of this family, whichever gender there is. */
    public Optional<ConnectorType> family(String family) {
        return find(family + "-plug").or(() -> find(family + "-socket"))
                .or(() -> find(family).filter(t -> t.family().equals(family)));
    }

    /** Whether either gender of a family has a contact; a socket may have some that its plug lacks. */
    public boolean familyHas(String family, String contact) {
        return Stream.of(family + "-plug", family + "-socket", family).map(this::find)
                .flatMap(Optional::stream)
                .anyMatch(t -> t.has(contact));
    }

    /** This catalogue with more connectors, which win over those of the same id. */
    public Catalogue with(List<OwnConnector> more) {
        Map<String, ConnectorType> all = new LinkedHashMap<>(own);
        more.forEach(c -> all.put(c.id(), Grid.own(c)));
        return new Catalogue(all);
    }

    /** Every connector worth choosing from, family by family. */
    public List<ConnectorType> all() {
        List<ConnectorType> found = new ArrayList<>(own.values());
        for (String id : Families.listedIds()) {
            found.add(find(id).orElseThrow(() -> new IllegalStateException("listed but not built: " + id)));
        }
        return found;
    }
}
