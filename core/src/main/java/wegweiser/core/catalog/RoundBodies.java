package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wegweiser.core.words.Titles;

/** XLR, and circular connectors that are known by their number of contacts alone. */
final class RoundBodies {
    /**
     * XLR after IEC 61076-2-103, key up, on the plug's mating face: contact to x and y in mm. Three poles have 2 left, 1
     * right, 3 below; more poles run clockwise from the upper right, with the last of six and of seven inside.
     */
    private static final Map<Integer, Map<String, double[]>> XLR = Map.of(
            3, Map.of("1", new double[]{4.9, -2.0}, "2", new double[]{-4.9, -2.0}, "3", new double[]{0, 4.9}),
            4, Map.of("1", new double[]{3.7, -3.7}, "2", new double[]{3.7, 3.7}, "3", new double[]{-3.7, 3.7},
                    "4", new double[]{-3.7, -3.7}),
            5, Map.of("1", new double[]{4.4, -2.4}, "2", new double[]{4.4, 2.4}, "3", new double[]{0, 5.0},
                    "4", new double[]{-4.4, 2.4}, "5", new double[]{-4.4, -2.4}),
            6, Map.of("1", new double[]{4.4, -2.4}, "2", new double[]{4.4, 2.4}, "3", new double[]{0, 5.0},
                    "4", new double[]{-4.4, 2.4}, "5", new double[]{-4.4, -2.4}, "6", new double[]{0, 0}),
            7, Map.of("1", new double[]{2.5, -4.3}, "2", new double[]{5.0, 0}, "3", new double[]{2.5, 4.3},
                    "4", new double[]{-2.5, 4.3}, "5", new double[]{-5.0, 0}, "6", new double[]{-2.5, -4.3},
                    "7", new double[]{0, 0}));

    private RoundBodies() {}

    static ConnectorType xlr(int poles, Gender gender) {
        List<Contact> contacts = new ArrayList<>();
        List<Double> rows = XLR.get(poles).values().stream().map(p -> p[1]).distinct().sorted().toList();
        for (int n = 1; n <= poles; n++) {
            double[] at = XLR.get(poles).get(String.valueOf(n));
            contacts.add(new Contact(String.valueOf(n), at[0], at[1], rows.indexOf(at[1])));
        }
        List<Contact> withShell = new ArrayList<>(Grid.forGender(contacts, gender));
        withShell.add(new Contact(Contact.SHELL, 0, 8.6, -1));
        String family = "xlr-" + poles;
        double amps = poles == 3 ? 16 : poles == 4 ? 10 : 7.5;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.xlr", poles, gender.words()),
                family, gender, withShell, poles == 3 ? 8.5 : 5.2, new Outline.Round(19, Outline.Key.TOP),
                Termination.SOLDER_CUP, new Ratings(amps, 14, 28, 3.5, 8, 4), List.of(),
                poles != 3 && poles != 5);
    }

    /** A generic numbered circular connector: contacts on a ring, clockwise on the plug's mating face. */
    static ConnectorType circular(int poles) {
        double radius = Math.max(3, poles * 3.0 / (2 * Math.PI));
        List<Contact> contacts = new ArrayList<>();
        for (int n = 1; n <= poles; n++) {
            double angle = Math.toRadians(-90 + (n - 0.5) * 360.0 / poles);
            double x = radius * Math.cos(angle);
            contacts.add(
                    new Contact(String.valueOf(n), Math.abs(x) < 1e-9 ? 0 : x, radius * Math.sin(angle), 0));
        }
        double step = poles < 2 ? 3 : 2 * radius * Math.sin(Math.PI / poles);
        return new ConnectorType("circular-" + poles, Titles.of("connector.circular", poles),
                "circular-" + poles, Gender.NONE, contacts, step,
                new Outline.Round(2 * radius + 6, Outline.Key.TOP),
                Termination.SOLDER_CUP, new Ratings(5, 18, 28, 3, 12, 4), List.of(), true);
    }
}
