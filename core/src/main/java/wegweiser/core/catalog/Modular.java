package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.words.Titles;

/**
 * Modular plugs and sockets (IEC 60603-7). Ids are positions of the body, so a body of six with four contacts has 2 to 5.
 * Held with the contacts up, the latch underneath and the cable end towards the eye, position 1 of a plug is at the
 * left: that is its wiring side, and the mating face is the mirror image. A socket is seen from the front, contacts up,
 * with 1 at the left; its wires are punched down.
 */
final class Modular {
    private static final double STEP_MM = 1.02;

    private Modular() {}

    static List<String> sizes() {
        return List.of("8p8c", "6p6c", "6p4c", "6p2c", "4p4c", "4p2c");
    }

    /** @param size such as {@code 6p4c}, with {@code -screened} where the body has a metal shell */
    static ConnectorType of(String size, Gender gender) {
        int positions = size.charAt(0) - '0';
        int ways = size.charAt(2) - '0';
        boolean screened = size.endsWith("-screened");
        int first = (positions - ways) / 2 + 1;
        List<Contact> contacts = new ArrayList<>();
        for (int position = first; position < first + ways; position++) {
            double x = ((positions + 1) / 2.0 - position) * STEP_MM;
            contacts.add(new Contact(String.valueOf(position), x, -2.2, 0));
        }
        List<Contact> placed = new ArrayList<>(Grid.forGender(contacts, gender));
        if (screened) {
            placed.add(new Contact(Contact.SHELL, 0, 0.1, -1));
        }
        double width = positions == 8 ? 11.7 : positions == 6 ? 9.65 : 7.7;
        Ratings ratings = positions == 8
                ? new Ratings(1.5, 22, 28, 2, 8, 0)
                : new Ratings(1.5, 24, 28, 2, ways == 6 ? 6.5 : 5.5, 0);
        String family = "modular-" + size;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of(screened ? "connector.modular.screened" : "connector.modular", positions, ways,
                        gender.words()),
                family, gender, placed, STEP_MM, new Outline.Latched(width, 8.0),
                gender == Gender.PLUG ? Termination.MODULAR : Termination.PUNCH_DOWN, ratings, List.of(),
                false);
    }
}
