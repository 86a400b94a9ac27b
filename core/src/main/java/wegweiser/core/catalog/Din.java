package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.words.Titles;

/**
 * Round connectors after IEC 60130-9 (DIN) and their small kin. On the plug's mating face, key below, the contacts of the
 * arc from the right are 1 4 2 5 3 (three poles: 1 2 3), with more at either end of it and one inside; those of six poles go
 * round in turn, 1 to 5 with 6 inside.
 */
final class Din {
    private static final double RADIUS_MM = 3.5;
    /** Contact to its place on the arc, in degrees from the right, upwards; none for the middle. */
    private static final Map<String, Map<String, Integer>> DEGREES = Map.of(
            "3", Map.of("1", 0, "2", 90, "3", 180),
            "5", Map.of("1", 0, "4", 45, "2", 90, "5", 135, "3", 180),
            "6", Map.of("1", -30, "2", 30, "3", 90, "4", 150, "5", 210),
            "7", Map.of("6", -45, "1", 0, "4", 45, "2", 90, "5", 135, "3", 180, "7", 225),
            "8", Map.of("6", -45, "1", 0, "4", 45, "2", 90, "5", 135, "3", 180, "7", 225));
    /** Rows of the small ones on the plug's mating face, key below, each from the left. */
    private static final Map<String, List<List<String>>> SMALL = Map.of(
            "4", List.of(List.of("3", "4"), List.of("1", "2")),
            "6", List.of(List.of("5", "6"), List.of("3", "4"), List.of("1", "2")),
            "8", List.of(List.of("6", "7", "8"), List.of("3", "4", "5"), List.of("1", "2")));

    private Din() {}

    static ConnectorType of(String poles, Gender gender) {
        int count = Integer.parseInt(poles);
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= count; n++) {
            Integer degrees = DEGREES.get(poles).get(String.valueOf(n));
            double angle = degrees == null ? 0 : Math.toRadians(degrees);
            double radius = degrees == null ? 0 : RADIUS_MM;
            contacts.add(new Contact(String.valueOf(n), rounded(radius * Math.cos(angle)),
                    rounded(-radius * Math.sin(angle)), degrees == null ? 1 : 0));
        }
        return type("din-" + poles, Titles.of("connector.din", poles, gender.words()), gender, contacts, 13.2,
                2.6,
                new Ratings(2, 22, 30, 3, 6.5, 4));
    }

    static ConnectorType mini(String poles, Gender gender) {
        List<List<String>> rows = SMALL.get(poles);
        List<Contact> contacts = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            List<String> ids = rows.get(row);
            for (int k = 0; k < ids.size(); k++) {
                contacts.add(new Contact(ids.get(k), rounded((k - (ids.size() - 1) / 2.0) * 2.2),
                        rounded((row - (rows.size() - 1) / 2.0) * 1.9), row));
            }
        }
        contacts.sort(Comparator.comparing(Contact::id, ContactOrder.PRINTED));
        return type("mini-din-" + poles, Titles.of("connector.mini-din", poles, gender.words()), gender,
                contacts, 9,
                2.0, new Ratings(1, 24, 30, 3, 6, 3));
    }

    private static ConnectorType type(String family, String title, Gender gender, List<Contact> contacts,
            double diameter, double pitch, Ratings ratings) {
        List<Contact> all = new ArrayList<>(Grid.forGender(contacts, gender));
        all.add(new Contact(Contact.SHELL, 0, -diameter / 2 + 0.7, -1));
        return new ConnectorType(family + "-" + gender.id(), title, family, gender, all, pitch,
                new Outline.Round(diameter, Outline.Key.BOTTOM), Termination.SOLDER_CUP, ratings, List.of(),
                true);
    }

    private static double rounded(double mm) {
        return Math.abs(mm) < 1e-9 ? 0 : mm;
    }
}
