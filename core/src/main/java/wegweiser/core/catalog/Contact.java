package wegweiser.core.catalog;

/**
 * One metal contact, placed on the mating face of its connector's own gender.
 *
 * @param id as printed on the part
 * @param xMm to the right of the middle, in mm
 * @param yMm below the middle, in mm
 * @param row number of its row from the top, or -1 for the shell
 */
public record Contact(String id, double xMm, double yMm, int row) {
    /** The id of a metal shell that is a terminal of its own. */
    public static final String SHELL = "shell";

    /** The mirror image left to right. */
    public Contact mirrored() {
        return new Contact(id, xMm == 0 ? 0 : -xMm, yMm, row);
    }

    public boolean isShell() {
        return row < 0;
    }

    /** Distance to another contact in mm. */
    public double distanceMm(Contact other) {
        return Math.hypot(xMm - other.xMm, yMm - other.yMm);
    }
}
