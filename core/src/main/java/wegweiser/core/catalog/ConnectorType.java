package wegweiser.core.catalog;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.model.Terminal;

/**
 * A connector of the catalogue.
 *
 * @param id such as {@code dsub-9-socket}
 * @param family the id without gender, such as {@code dsub-9}
 * @param contacts in printed order, placed on the mating face of this gender
 * @param pitchMm distance of direct neighbours in mm
 * @param ribbonOrder contact ids in the order of the ribbon's wires; empty where no ribbon version exists
 * @param numbersToCheck whether the printed numbers should be checked on the part before they are relied on
 */
public record ConnectorType(String id, String title, String family, Gender gender, List<Contact> contacts,
        double pitchMm, Outline outline, Termination termination, Ratings ratings, List<String> ribbonOrder,
        boolean numbersToCheck) {
    public ConnectorType {
        contacts = List.copyOf(contacts);
        ribbonOrder = List.copyOf(ribbonOrder);
    }

    public Optional<Contact> contact(String contactId) {
        return contacts.stream().filter(c -> c.id().equals(contactId)).findFirst();
    }

    public boolean has(String contactId) {
        return contact(contactId).isPresent();
    }

    /** Contact ids in printed order, the shell last. */
    public List<String> ids() {
        return contacts.stream().map(Contact::id).toList();
    }

    /** Contact ids without the shell. */
    public List<String> pinIds() {
        return contacts.stream().filter(c -> !c.isShell()).map(Contact::id).toList();
    }

    /** Terminals of an end with this connector, in printed order. */
    public List<Terminal> terminals(String end) {
        return contacts.stream().map(c -> new Terminal(end, c.id())).toList();
    }

    /** The contacts as they lie from the given side; the wiring side is the mating face mirrored. */
    public List<Contact> seenFrom(Side side) {
        return side == Side.MATING ? contacts : contacts.stream().map(Contact::mirrored).toList();
    }

    /**
     * Contacts that a blob of solder or a whisker can reach: within 1.5 pitches, the shell excepted.
     *
     * @throws IllegalArgumentException when there is no such contact
     */
    public List<String> neighbours(String contactId) {
        Contact from = contact(contactId)
                .orElseThrow(() -> new IllegalArgumentException(id + " has no contact " + contactId));
        if (from.isShell()) {
            return List.of();
        }
        return contacts.stream()
                .filter(c -> !c.isShell() && !c.id().equals(contactId))
                .filter(c -> c.distanceMm(from) <= 1.5 * pitchMm + 1e-9)
                .map(Contact::id)
                .toList();
    }

    /** Whether this and the other fit into each other. */
    public boolean matesWith(ConnectorType other) {
        return Mating.fits(this, other);
    }

    public ConnectorKind kind() {
        return ConnectorKind.of(family);
    }

    /** Ways of joining wires to it, the usual one first. */
    public List<Termination> methods() {
        return kind().methods().stream().filter(m -> m != Termination.RIBBON || !ribbonOrder.isEmpty())
                .toList();
    }

    /**
     * The contact that lies where each contact seems to lie when the wrong side is looked at, row by row.
     *
     * @return contact id to the id of its mirror image; contacts without one map to themselves
     */
    public Map<String, String> mirrorImage() {
        Map<String, String> images = new HashMap<>();
        for (Contact contact : contacts) {
            String image = contacts.stream()
                    .filter(c -> c.row() == contact.row() && Math.abs(c.xMm() + contact.xMm()) < 0.01
                            && Math.abs(c.yMm() - contact.yMm()) < 0.01)
                    .map(Contact::id)
                    .findFirst()
                    .orElse(contact.id());
            images.put(contact.id(), image);
        }
        return images;
    }

    /** Ids of the contacts of one row, in printed order. */
    public List<String> row(int row) {
        return contacts.stream().filter(c -> c.row() == row).map(Contact::id).toList();
    }

    /** How many rows of contacts there are. */
    public int rows() {
        return 1 + contacts.stream().mapToInt(Contact::row).max().orElse(-1);
    }
}
