package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wegweiser.core.words.Titles;

/**
 * The D-sub family. Contacts are numbered along each row from the left, the longest row on top, as seen on
 * the plug's mating face; each next row is set off by half a step.
 */
final class DSub {
    private static final double STEP_MM = 2.77;
    private static final double ROW_MM = 2.84;
    private static final double DENSE_STEP_MM = 2.29;
    private static final double DENSE_ROW_MM = 1.98;
    private static final Map<Integer, int[]> ROWS = Map.of(9, new int[]{5, 4}, 15, new int[]{8, 7}, 25,
            new int[]{13, 12}, 37, new int[]{19, 18}, 50, new int[]{17, 16, 17});
    /** Cable diameters that common hoods grip, in mm, by number of ways. */
    private static final Map<Integer, Double> HOOD_MM = Map.of(9, 8.5, 15, 9.5, 25, 11.0, 37, 13.5, 50, 15.0);

    private DSub() {}

    static boolean exists(int ways) {
        return ROWS.containsKey(ways);
    }

    static List<Integer> sizes() {
        return ROWS.keySet().stream().sorted().toList();
    }

    static ConnectorType of(int ways, Gender gender) {
        int[] rows = ROWS.get(ways);
        String family = "dsub-" + ways;
        List<String> ribbon = rows.length == 2 ? ribbonOrder(rows[0], ways) : List.of();
        double width = (rows[0] - 1) * STEP_MM + 5.8;
        double height = (rows.length - 1) * ROW_MM + 5.5;
        return new ConnectorType(family + "-" + gender.id(),
                Titles.of("connector.dsub", ways, gender.words()), family,
                gender,
                contacts(rows, STEP_MM, ROW_MM, gender, height), STEP_MM, new Outline.Tapered(width, height),
                Termination.SOLDER_CUP, new Ratings(5, 20, 30, 4, HOOD_MM.get(ways), 3.5), ribbon, false);
    }

    /** Rows of the dense kind, in the shells of the plain 9, 15, 25, 37 and 50. */
    private static final Map<String, int[]> DENSE = Map.of("15hd", new int[]{5, 5, 5}, "26hd",
            new int[]{9, 9, 8},
            "44hd", new int[]{15, 15, 14}, "62hd", new int[]{21, 21, 20}, "78hd", new int[]{20, 19, 20, 19});
    private static final Map<String, Integer> SHELL = Map.of("15hd", 9, "26hd", 15, "44hd", 25, "62hd", 37,
            "78hd", 50);

    static List<String> denseSizes() {
        return DENSE.keySet().stream().sorted().toList();
    }

    static ConnectorType dense(String size, Gender gender) {
        int[] rows = DENSE.get(size);
        int shell = SHELL.get(size);
        double height = (rows.length - 1) * DENSE_ROW_MM + 4.4;
        int ways = Integer.parseInt(size.substring(0, 2));
        String title = size.equals("15hd")
                ? Titles.of("connector.dsub-15hd", gender.words())
                : Titles.of("connector.dsub-hd", ways, rows.length, gender.words());
        return new ConnectorType("dsub-" + size + "-" + gender.id(), title, "dsub-" + size, gender,
                contacts(rows, DENSE_STEP_MM, DENSE_ROW_MM, gender, height), DENSE_STEP_MM,
                new Outline.Tapered((ROWS.get(shell)[0] - 1) * STEP_MM + 5.8, height), Termination.SOLDER_CUP,
                new Ratings(3, 22, 30, 4, HOOD_MM.get(shell), 3), List.of(), ways > 15);
    }

    private static List<Contact> contacts(int[] rows, double step, double rowStep, Gender gender,
            double height) {
        List<Contact> found = new ArrayList<>();
        double top = -(rows.length - 1) * rowStep / 2;
        int number = 1;
        for (int row = 0; row < rows.length; row++) {
            // equal rows have no half step of their own, so those of the dense type are set off a quarter either way
            boolean equal = rows.length > 2 && rows[1] == rows[0];
            double shift = equal ? row % 2 == 1 ? step / 4 : -step / 4 : 0;
            double left = -(rows[row] - 1) * step / 2 + shift;
            for (int k = 0; k < rows[row]; k++) {
                found.add(new Contact(String.valueOf(number++), left + k * step, top + row * rowStep, row));
            }
        }
        found.add(new Contact(Contact.SHELL, 0, height / 2 - 0.55, -1));
        return gender == Gender.PLUG ? found : found.stream().map(Contact::mirrored).toList();
    }

    /** Wires of a ribbon alternate between the two rows: 1, n1+1, 2, n1+2, and so on. */
    private static List<String> ribbonOrder(int longRow, int ways) {
        List<String> order = new ArrayList<>();
        for (int k = 1; k <= longRow; k++) {
            order.add(String.valueOf(k));
            if (longRow + k <= ways) {
                order.add(String.valueOf(longRow + k));
            }
        }
        return order;
    }
}
