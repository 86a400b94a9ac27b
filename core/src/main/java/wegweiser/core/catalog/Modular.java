package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.words.Titles;

/**
 * Modular plugs and sockets. Ids are positions of the body, so a body of six with four contacts has 2 to 5.
 * Held with the contacts up, the latch behind and the cable towards the eye, position 1 of a plug is at the
 * left: that is its wiring side, and the mating face is the mirror image.
 */
final class Modular {
    private static final double STEP_MM = 1.02;

    private Modular() {}

    static boolean exists(int positions, int contacts) {
        return switch (positions) {
            case 4 -> contacts == 4 || contacts == 2;
            case 6 -> contacts == 6 || contacts == 4 || contacts == 2;
            case 8 -> contacts == 8;
            default -> false;
        };
    }

    static ConnectorType of(int positions, int ways, Gender gender) {
        String family = "modular-" + positions + "p" + ways + "c";
        int first = (positions - ways) / 2 + 1;
        List<Contact> contacts = new ArrayList<>();
        for (int position = first; position < first + ways; position++) {
            double x = ((positions + 1) / 2.0 - position) * STEP_MM;
            contacts.add(new Contact(String.valueOf(position), x, -2.2, 0));
        }
        double width = positions == 8 ? 11.7 : positions == 6 ? 9.65 : 7.7;
        Ratings ratings = new Ratings(1.5, 24, positions == 8 ? 26 : 28, 2, positions == 8 ? 6.2 : 5.2, 0);
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.modular", positions, ways, gender.words()), family, gender,
                Grid.forGender(contacts, gender), STEP_MM, new Outline.Latched(width, 8.0),
                Termination.MODULAR,
                ratings, List.of(), false);
    }
}
