package wegweiser.core.catalog;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.data.Data;
import wegweiser.core.data.Entry;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.HasId;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.words.Words;

/**
 * A pinout that devices commonly have. Those that come with the program follow TIA-574 (nine contacts), TIA-232-F
 * (25), TIA-561 (eight positions), IEEE 802.3, USB 2.0, 3 and Type-C, ISO 15031-3, IEC 60947-5-2 and IEC 61076-2-103.
 *
 * @param family the connector it is usual on, without gender, or {@code leads}
 * @param note what to know before relying on it, or empty
 */
public record NamedPinout(String id, String title, String family, Optional<Role> role, List<PinRow> rows,
        String note) {
    private static final List<NamedPinout> STANDARD = new Entry(Data.json("pinouts.json"), "").list("pinouts",
            e -> of(e, Catalogue.standard()));

    public NamedPinout {
        rows = List.copyOf(rows);
    }

    /** The pinouts that come with the program. */
    public static List<NamedPinout> standard() {
        return STANDARD;
    }

    /** One of the pinouts that come with the program. */
    public static Optional<NamedPinout> find(String id) {
        return STANDARD.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /**
     * Reads a pinout from a table.
     *
     * @throws Entry.Senseless when the connector or a contact is unknown, or a contact appears twice
     */
    public static NamedPinout of(Entry entry, Catalogue catalogue) {
        String family = entry.text("connector");
        Optional<ConnectorType> type = catalogue.family(family);
        if (type.isEmpty() && !family.equals(End.LEADS)) {
            throw entry.member("connector").senseless(Words.say("bad.connector", family));
        }
        Set<String> seen = new HashSet<>();
        List<PinRow> rows = entry.list("rows", row -> {
            String contact = row.text("contact");
            if (type.isPresent() && !catalogue.familyHas(family, contact)) {
                throw row.member("contact")
                        .senseless(Words.say("bad.contact", family, contact));
            }
            if (!seen.add(contact)) {
                throw row.member("contact").senseless(Words.say("bad.twice", contact));
            }
            return row(row);
        });
        return new NamedPinout(entry.text("id"), entry.title("pinout"), family,
                entry.word("role").flatMap(r -> HasId.find(Role.class, r)), rows, entry.note("pinout"));
    }

    private static PinRow row(Entry row) {
        return new PinRow(row.text("contact"), row.word("name"), row.word("signal"),
                row.word("direction").flatMap(d -> HasId.find(Direction.class, d)), row.word("level"),
                row.number("volts"), row.number("voltsMax"),
                row.number("amps"), row.word("pair"), List.of(), row.flag("optional"), Extra.NONE);
    }
}
