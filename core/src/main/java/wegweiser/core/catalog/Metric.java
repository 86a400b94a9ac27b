package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wegweiser.core.words.Titles;

/** Circular connectors with metric threads for sensors, buses and supply: M12 in its codings, M8. */
final class Metric {
    private static final double RADIUS_MM = 2.75;

    private Metric() {}

    /**
     * M12 (IEC 61076-2-101, -109, -111). Key up, on the plug's mating face four poles have 2 upper left, 1 upper right, 4 lower right, 3
     * lower left, and a fifth inside; seven of eight lie on a ring, counter-clockwise from 1 right of the key, 8 inside.
     *
     * @param size number of poles, with {@code -screened} where the nut is a terminal of its own
     */
    static ConnectorType m12(String coding, String size, Gender gender) {
        int poles = size.charAt(0) - '0';
        boolean shell = size.endsWith("-screened") || List.of("b", "d", "x").contains(coding);
        List<Contact> contacts = coding.equals("x") ? quadrants() : poles == 8 ? ring() : square(poles);
        String family = "m12-" + coding + "-" + size;
        Ratings ratings = switch (coding) {
            case "l" -> new Ratings(16, 12, 20, 6, 13, 7);
            case "t" -> new Ratings(12, 14, 20, 6, 12, 6);
            case "x" -> new Ratings(0.5, 22, 26, 5, 9, 4);
            default -> new Ratings(poles == 8 ? 2 : 4, 18, poles == 8 ? 28 : 26, 4, 8, 0);
        };
        boolean displaced = coding.equals("a") || coding.equals("b") || coding.equals("d");
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of(shell && coding.equals("a") ? "connector.m12.screened" : "connector.m12",
                        coding.toUpperCase(Locale.ROOT), poles, gender.words()),
                family, gender, placed(contacts, gender, shell ? 5.3 : 0), poles == 8 ? 2.4 : 5.0,
                new Outline.Round(12, Outline.Key.TOP),
                displaced ? Termination.CIRCULAR_DISPLACEMENT : Termination.CRIMP, ratings, List.of(), true);
    }

    /** M8 (IEC 61076-2-104), key up on the plug's mating face. */
    static ConnectorType m8(String size, Gender gender) {
        int poles = size.charAt(0) - '0';
        boolean shell = size.endsWith("-screened");
        List<Contact> contacts = new ArrayList<>();
        contacts.add(new Contact("1", 1.5, 1.3, 1));
        if (poles == 4) {
            contacts.add(new Contact("2", 1.5, -1.3, 0));
        }
        contacts.add(new Contact("3", -1.5, 1.3, 1));
        contacts.add(poles == 4 ? new Contact("4", -1.5, -1.3, 0) : new Contact("4", 0, -1.6, 0));
        String family = "m8-" + size;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of(shell ? "connector.m8.screened" : "connector.m8", poles, gender.words()), family,
                gender,
                placed(contacts, gender, shell ? 3.4 : 0), 3.0, new Outline.Round(8, Outline.Key.TOP),
                Termination.CIRCULAR_DISPLACEMENT, new Ratings(3, 20, 26, 3.5, 5, 0), List.of(), true);
    }

    private static List<Contact> placed(List<Contact> contacts, Gender gender, double shellMm) {
        List<Contact> all = new ArrayList<>(Grid.forGender(contacts, gender));
        if (shellMm > 0) {
            all.add(new Contact(Contact.SHELL, 0, shellMm, -1));
        }
        return all;
    }

    private static List<Contact> square(int poles) {
        List<Contact> contacts = new ArrayList<>();
        contacts.add(new Contact("1", 2.5, -2.5, 0));
        if (poles > 3) {
            contacts.add(new Contact("2", -2.5, -2.5, 0));
        }
        contacts.add(new Contact("3", -2.5, 2.5, 1));
        contacts.add(new Contact("4", 2.5, 2.5, 1));
        if (poles > 4) {
            contacts.add(new Contact("5", 0, 0, 2));
        }
        return contacts;
    }

    private static List<Contact> ring() {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 7; n++) {
            double angle = Math.toRadians(-90 + 360.0 / 14 - (n - 1) * 360.0 / 7);
            contacts.add(at(n, RADIUS_MM, angle, 0));
        }
        contacts.add(new Contact("8", 0, 0, 1));
        return contacts;
    }

    /** Four pairs, each in its own quarter behind a screen, counter-clockwise from the right of the key. */
    private static List<Contact> quadrants() {
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= 8; n++) {
            double quarter = Math.toRadians(-45 - 90 * Math.floorDiv(n - 1, 2));
            double off = Math.toRadians(n % 2 == 1 ? 18 : -18);
            contacts.add(at(n, 3.0, quarter + off, 0));
        }
        return contacts;
    }

    private static Contact at(int n, double radius, double angle, int row) {
        double x = radius * Math.cos(angle);
        return new Contact(String.valueOf(n), Math.abs(x) < 1e-9 ? 0 : x, radius * Math.sin(angle), row);
    }
}
