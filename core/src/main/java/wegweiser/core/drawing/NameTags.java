package wegweiser.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wegweiser.core.catalog.Contact;

/**
 * Names that do not fit their contact, beside it: above the upper half of the face and below the lower, in the order of the
 * contacts, each with a line to its own. They are moved apart as little as it takes, by least squares (isotonic regression,
 * pool adjacent violators, O(n) after sorting).
 */
final class NameTags {
    private static final double LETTER = 0.62;
    private static final double LEAST_INSIDE_MM = 0.6;
    private static final double MOST_MM = 1.25;
    private static final double LEAST_MM = 0.35;
    /** Height of the letters as a share of the width of the face. */
    private static final double SHARE = 0.05;

    private final double width;
    private final double height;
    private final double size;
    private final List<Tag> tags = new ArrayList<>();

    private record Tag(Contact contact, String name, double radius) {
        int side() {
            return contact.yMm() > 0 ? 1 : -1;
        }
    }

    NameTags(double width, double height) {
        this.width = width;
        this.height = height;
        this.size = Math.clamp(width * SHARE, LEAST_MM, MOST_MM);
    }

    /** Whether a name can stand inside a contact and be read. */
    static boolean fits(String name, double halfWidth, double halfHeight) {
        return Math.min(halfHeight * 0.6, 3.0 * halfWidth / Math.max(2, name.length())) >= LEAST_INSIDE_MM;
    }

    void add(Contact contact, String name, double radius) {
        tags.add(new Tag(contact, name, radius));
    }

    /** How far the tags of a side, -1 above and 1 below, stand out, in mm. */
    double besideMm(int side) {
        return tags.stream().anyMatch(t -> t.side() == side) ? 3.4 * size : 0;
    }

    /** Draws the tags; returns how far they reach to either side of the face, in mm. */
    double draw(List<Drawing.Shape> shapes) {
        double most = 0;
        for (int side : new int[]{-1, 1}) {
            List<Tag> row = tags.stream().filter(t -> t.side() == side)
                    .sorted(Comparator.comparingDouble(t -> t.contact().xMm())).toList();
            double[] places = apart(row);
            double y = side * (height / 2 + 2.6 * size);
            for (int k = 0; k < row.size(); k++) {
                Tag tag = row.get(k);
                double thin = 0.05 * size;
                double from = tag.contact().yMm() + side * tag.radius();
                double to = y - side * size * 0.7;
                double x = tag.contact().xMm();
                shapes.add(new Drawing.Polygon(Drawing.Role.LEADER, tag.contact().id(),
                        List.of(x - thin, from, x + thin,
                                from, places[k] + thin, to, places[k] - thin, to)));
                shapes.add(new Drawing.Label(Drawing.Role.NAME, tag.contact().id(), places[k], y, size,
                        tag.name()));
                most = Math.max(most, Math.abs(places[k]) + wide(tag) / 2 - width / 2);
            }
        }
        return most;
    }

    private double wide(Tag tag) {
        return LETTER * size * tag.name().length() + 0.5 * size;
    }

    /** Middles of the names, as near to their contacts as they can be without touching. */
    private double[] apart(List<Tag> row) {
        int n = row.size();
        double[] offset = new double[n];
        for (int k = 1; k < n; k++) {
            offset[k] = offset[k - 1] + (wide(row.get(k - 1)) + wide(row.get(k))) / 2;
        }
        List<double[]> blocks = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            blocks.add(new double[]{row.get(k).contact().xMm() - offset[k], 1});
            while (blocks.size() > 1 && blocks.get(blocks.size() - 2)[0] > blocks.getLast()[0]) {
                double[] last = blocks.removeLast();
                double[] before = blocks.removeLast();
                double weight = before[1] + last[1];
                blocks.add(new double[]{(before[0] * before[1] + last[0] * last[1]) / weight, weight});
            }
        }
        double[] places = new double[n];
        int at = 0;
        for (double[] block : blocks) {
            for (int k = 0; k < block[1]; k++) {
                places[at] = block[0] + offset[at];
                at++;
            }
        }
        return places;
    }
}
