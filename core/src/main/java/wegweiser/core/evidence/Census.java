package wegweiser.core.evidence;

/**
 * How many pairs of terminals are in each state. O(terminals²).
 *
 * @param joined measured to be joined
 * @param apart measured to be apart
 * @param follows joined or apart by what follows
 * @param assumed apart by assumption
 * @param byValue believed for a value at a ladder plug alone
 * @param unknown none of these
 */
public record Census(int joined, int apart, int follows, int assumed, int byValue, int unknown) {
    public static Census of(Evidence evidence) {
        int[] by = new int[PairState.values().length];
        int byValue = 0;
        Evidence supposed = evidence.supposed();
        int n = evidence.index().size();
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                PairState state = evidence.state(a, b);
                if (supposed != evidence && !state.isProved() && supposed.state(a, b).isProved()) {
                    byValue++;
                } else {
                    by[state.ordinal()]++;
                }
            }
        }
        return new Census(by[PairState.JOINED_MEASURED.ordinal()], by[PairState.APART_MEASURED.ordinal()],
                by[PairState.JOINED_FOLLOWS.ordinal()] + by[PairState.APART_FOLLOWS.ordinal()],
                by[PairState.APART_ASSUMED.ordinal()], byValue, by[PairState.UNKNOWN.ordinal()]);
    }
}
