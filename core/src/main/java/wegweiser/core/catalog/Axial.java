package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wegweiser.core.words.Titles;

/** Connectors with their contacts one behind the other: audio jacks, phono, barrels. Counted from the tip. */
final class Axial {
    /** Barrels with so thick a pin are made for supplies of portable computers. */
    private static final double LARGE_PIN_MM = 2.5;

    /** Length of the part that goes in, in mm, by the diameter of the jack. */
    private static final Map<String, Double> LENGTH_MM = Map.of("2.5", 11.0, "3.5", 14.0, "6.35", 30.0);

    private Axial() {}

    static ConnectorType jack(String diameter, String poles, Gender gender) {
        List<String> ids = switch (poles) {
            case "ts" -> List.of("tip", "sleeve");
            case "trs" -> List.of("tip", "ring", "sleeve");
            default -> List.of("tip", "ring1", "ring2", "sleeve");
        };
        double size = Double.parseDouble(diameter);
        boolean large = size > 6;
        return of("jack-" + diameter + "-" + poles,
                Titles.of("connector.jack", diameter, poles.toUpperCase(Locale.ROOT), gender.words()), gender,
                ids,
                size, LENGTH_MM.get(diameter), true,
                large
                        ? new Ratings(poles.equals("ts") ? 5 : 2, 12, 28, 2, 8.5, 5)
                        : new Ratings(1, 22, 30, 2, 6, 4));
    }

    static ConnectorType phono(Gender gender) {
        return of("phono", Titles.of("connector.phono", gender.words()), gender, List.of("centre", "outer"),
                8.3, 14,
                false, new Ratings(1, 20, 30, 2, 7, 4));
    }

    /** The diameter outside and of the pin inside; which of the two is positive is for the device to say. */
    static ConnectorType barrel(String size, Gender gender) {
        String[] mm = size.split("-");
        return of("barrel-" + size, Titles.of("connector.barrel", mm[0], mm[1], gender.words()), gender,
                List.of("centre", "outer"), Double.parseDouble(mm[0]), 9.5, false,
                new Ratings(Double.parseDouble(mm[1]) >= LARGE_PIN_MM ? 5 : 3, 18, 28, 2, 6, 4));
    }

    private static ConnectorType of(String family, String title, Gender gender, List<String> ids, double size,
            double length, boolean pointed, Ratings ratings) {
        double step = length / ids.size();
        List<Contact> contacts = new ArrayList<>();
        for (int k = 0; k < ids.size(); k++) {
            contacts.add(new Contact(ids.get(k), 0, -length / 2 + step * (k + 0.5), k));
        }
        return new ConnectorType(family + "-" + gender.id(), title, family, gender, contacts, step,
                new Outline.Axial(size, length, pointed), Termination.JACK_SOLDER, ratings, List.of(),
                false);
    }
}
