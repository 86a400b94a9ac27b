package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Wiring;
import wegweiser.files.io.BadFile;

/** Keeps pinouts, wirings and cables of a job in the workshop's library. Each returns a sentence when it could not. */
public final class Keeping {
    private Keeping() {}

    /** Keeps the pinout of an end under a name. */
    public static Optional<String> pinout(Session session, End end, String family, String title) {
        List<PinRow> rows = end.pinout().stream().filter(r -> !r.label().isBlank())
                .map(r -> r.withSources(List.of())).toList();
        if (rows.isEmpty()) {
            return Optional.of(t("keep.no-rows"));
        }
        NamedPinout named = new NamedPinout(id("pinout", title), title, family, end.role(), rows, "");
        return keep(session, new Library(List.of(), List.of(), List.of(named), List.of()), named.id());
    }

    /** Keeps a wiring between two families under a name. */
    public static Optional<String> wiring(Session session, String from, String to, Wiring wiring,
            String title) {
        if (wiring.nets().stream().noneMatch(n -> !n.near().isEmpty() && !n.far().isEmpty())) {
            return Optional.of(t("keep.no-links"));
        }
        NamedWiring named = new NamedWiring(id("wiring", title), from, to, title, wiring, 1);
        return keep(session, new Library(List.of(), List.of(), List.of(), List.of(named)), named.id());
    }

    /** Keeps a kind of cable, or a piece of one. */
    public static Optional<String> cable(Session session, CableStock cable) {
        return keep(session, new Library(List.of(), List.of(cable), List.of(), List.of()), cable.id());
    }

    /** An id made from a title. */
    public static String id(String kind, String title) {
        String stem = title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        // of a title in another script nothing is left but its number
        return "own-" + kind + "-" + (stem.isEmpty() ? Integer.toHexString(title.hashCode()) : stem);
    }

    private static Optional<String> keep(Session session, Library entries, String name) {
        try {
            session.workshop().library().add(entries, name);
            session.readLibrary();
            return Optional.empty();
        } catch (BadFile e) {
            return Optional.of(e.getMessage());
        } catch (IOException e) {
            return Optional.of(t("own.error.disk", e.getMessage()));
        }
    }
}
