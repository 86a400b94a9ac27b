package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
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
    /** Contacts on a round face that lie at about one height are read as one line. */
    private static final double SAME_LINE_MM = 0.2;

    public ConnectorType {
        contacts = List.copyOf(contacts);
        ribbonOrder = List.copyOf(ribbonOrder);
    }

    public Optional<Contact> contact(String contactId) {
        for (Contact contact : contacts) {
            if (contact.id().equals(contactId)) {
                return Optional.of(contact);
            }
        }
        return Optional.empty();
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

    /**
     * The contacts as they lie from the given side; the wiring side is the mating face mirrored. Of a plug that is seen
     * from the side, the wiring side are its lugs.
     */
    public List<Contact> seenFrom(Side side) {
        return side == Side.MATING
                ? contacts
                : outline instanceof Outline.Axial axial
                        ? lugs(axial)
                        : contacts.stream().map(Contact::mirrored).toList();
    }

    /** The lugs behind a plug: short ones above, in turn to either side, and the long clamp of the outermost below. */
    private List<Contact> lugs(Outline.Axial axial) {
        return contacts.stream()
                .map(c -> new Contact(c.id(), c.row() == contacts.size() - 1 || contacts.size() == 2
                        ? 0
                        : axial.widthMm() * (c.row() % 2 == 0 ? -0.2 : 0.2), c.yMm(), c.row()))
                .toList();
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

    /** Whether one goes into the other although it was made for a narrower socket, and may go in askew. */
    public boolean matesLooselyWith(ConnectorType other) {
        return Mating.isLoose(this, other);
    }

    /** Whether numbers can be printed on the part at all; tip and sleeve go by their place. */
    public boolean hasPrintedNumbers() {
        return pinIds().stream()
                .anyMatch(c -> c.chars().anyMatch(Character::isDigit) && !c.startsWith("ring"));
    }

    public ConnectorKind kind() {
        return ConnectorKind.of(family);
    }

    /** The same connector with wires joined to it in some way; as it is where the word is none of its ways. */
    public ConnectorType joinedBy(Optional<String> word) {
        return word.flatMap(w -> methods().stream().filter(m -> m.id().equals(w)).findFirst())
                .filter(m -> m != termination)
                .map(m -> new ConnectorType(id, title, family, gender, contacts, pitchMm, outline, m, ratings,
                        ribbonOrder, numbersToCheck))
                .orElse(this);
    }

    /** Ways of joining wires to it, the usual one first. */
    public List<Termination> methods() {
        List<Termination> ways = new ArrayList<>();
        if (kind() == ConnectorKind.MODULAR || kind() == ConnectorKind.PLUGGABLE) {
            // what goes on a cable and what goes on a board are joined in one way each
            ways.add(termination);
        } else {
            kind().methods().stream().filter(m -> m != Termination.RIBBON || !ribbonOrder.isEmpty())
                    .forEach(ways::add);
        }
        if (kind().isMoulded()) {
            ways.add(Termination.SPLICE);
        }
        return ways;
    }

    /**
     * The contact that each contact is taken for when the wrong side is looked at: in each line the first for the last.
     *
     * @return contact id to the id of its mirror image; a contact in the middle of its line maps to itself
     */
    public Map<String, String> mirrorImage() {
        Map<String, String> images = new HashMap<>();
        for (Contact contact : contacts) {
            List<Contact> line = contacts.stream()
                    .filter(c -> c.isShell() == contact.isShell()
                            && Math.abs(c.yMm() - contact.yMm()) < SAME_LINE_MM)
                    .sorted(Comparator.comparingDouble(Contact::xMm)).toList();
            images.put(contact.id(), line.get(line.size() - 1 - line.indexOf(contact)).id());
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
