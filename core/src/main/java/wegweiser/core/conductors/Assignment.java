package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/**
 * Puts lines on conductors at little cost. First the halves of pairs get cable pairs and then the others single conductors,
 * each by a matching of least cost (Kuhn 1955, Munkres 1957; O(n³)); then lines, and whole cable pairs, are exchanged as long
 * as the whole becomes cheaper, which takes in what a matching cannot see: who lies beside whom. The same every time.
 */
final class Assignment {
    private static final double LEAST_GAIN = 1e-9;

    private static final int MOST_FOR_RINGS = 14;

    private final Arrangement arrangement;
    private final int[] at;

    private Assignment(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.at = new int[arrangement.lines()];
        Arrays.fill(at, -1);
    }

    /** The column of each line. */
    static int[] of(Arrangement arrangement) {
        Assignment assignment = new Assignment(arrangement);
        if (arrangement.lines() > 0) {
            assignment.couples();
            assignment.singles();
            assignment.exchange();
        }
        return assignment.at;
    }

    /** Cable pairs for the halves that belong together; those that find none are left to the singles. */
    private void couples() {
        List<int[]> couples = new ArrayList<>();
        for (int line = 0; line < at.length; line++) {
            if (arrangement.mate()[line] > line) {
                couples.add(new int[]{line, arrangement.mate()[line]});
            }
        }
        List<int[]> pairs = pairs();
        if (couples.isEmpty() || pairs.isEmpty()) {
            return;
        }
        int size = Math.max(couples.size(), pairs.size());
        double[][] cost = new double[size][size];
        for (int c = 0; c < couples.size(); c++) {
            for (int p = 0; p < size; p++) {
                cost[c][p] = p < pairs.size() ? price(couples.get(c), pairs.get(p)) : Arrangement.SPLIT;
            }
        }
        int[] chosen = matching(cost);
        for (int c = 0; c < couples.size(); c++) {
            if (chosen[c] < pairs.size()) {
                int[] couple = couples.get(c);
                int[] pair = pairs.get(chosen[c]);
                boolean turned = own(couple, pair[1], pair[0]) < own(couple, pair[0], pair[1]);
                at[couple[0]] = pair[turned ? 1 : 0];
                at[couple[1]] = pair[turned ? 0 : 1];
            }
        }
    }

    private List<int[]> pairs() {
        List<int[]> found = new ArrayList<>();
        for (int c = 0; c < arrangement.conductors(); c++) {
            if (arrangement.partner()[c] > c) {
                found.add(new int[]{c, arrangement.partner()[c]});
            }
        }
        return found;
    }

    private double own(int[] couple, int first, int second) {
        return arrangement.own()[couple[0]][first] + arrangement.own()[couple[1]][second];
    }

    /** What a couple costs on a pair, with what others lose who would like a conductor of it. */
    private double price(int[] couple, int[] pair) {
        double lost = 0;
        for (int conductor : pair) {
            double most = 0;
            for (int line = 0; line < at.length; line++) {
                if (arrangement.mate()[line] < 0) {
                    double[] own = arrangement.own()[line];
                    most = Math.max(most, Arrays.stream(own, 0, arrangement.conductors()).sorted().skip(1)
                            .findFirst().orElse(0) - own[conductor]);
                }
            }
            lost += most;
        }
        return Math.min(own(couple, pair[0], pair[1]), own(couple, pair[1], pair[0])) + lost;
    }

    private void singles() {
        List<Integer> lines = new ArrayList<>();
        Set<Integer> free = new LinkedHashSet<>();
        for (int column = 0; column < arrangement.columns(); column++) {
            free.add(column);
        }
        for (int line = 0; line < at.length; line++) {
            if (at[line] < 0) {
                lines.add(line);
            } else {
                free.remove(at[line]);
            }
        }
        List<Integer> columns = List.copyOf(free);
        double[][] cost = new double[columns.size()][columns.size()];
        for (int k = 0; k < lines.size(); k++) {
            for (int c = 0; c < columns.size(); c++) {
                cost[k][c] = arrangement.own()[lines.get(k)][columns.get(c)];
            }
        }
        int[] chosen = matching(cost);
        for (int k = 0; k < lines.size(); k++) {
            at[lines.get(k)] = columns.get(chosen[k]);
        }
    }

    /** The column of each row in a square of costs, so that their sum is least. */
    private static int[] matching(double[][] cost) {
        SimpleWeightedGraph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(
                DefaultWeightedEdge.class);
        int size = cost.length;
        Set<Integer> rows = new LinkedHashSet<>();
        Set<Integer> columns = new LinkedHashSet<>();
        for (int k = 0; k < size; k++) {
            rows.add(k);
            columns.add(size + k);
            graph.addVertex(k);
            graph.addVertex(size + k);
        }
        for (int r = 0; r < size; r++) {
            for (int c = 0; c < size; c++) {
                graph.setEdgeWeight(graph.addEdge(r, size + c), cost[r][c]);
            }
        }
        int[] chosen = new int[size];
        for (DefaultWeightedEdge edge : new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, rows,
                columns).getMatching()) {
            int one = graph.getEdgeSource(edge);
            int other = graph.getEdgeTarget(edge);
            chosen[Math.min(one, other)] = Math.max(one, other) - size;
        }
        return chosen;
    }

    /** Exchanges as long as it pays; the cost falls each time, so it ends. */
    private void exchange() {
        double cost = arrangement.cost(at);
        boolean better = true;
        while (better) {
            double before = cost;
            cost = columns(cost);
            cost = wholePairs(cost);
            boolean helped = cost < before - LEAST_GAIN;
            // three round the ring take longer, and are only tried when nothing shorter helps
            cost = helped || arrangement.columns() > MOST_FOR_RINGS ? cost : rings(cost);
            better = cost < before - LEAST_GAIN;
        }
    }

    private double columns(double before) {
        double cost = before;
        for (int a = 0; a < arrangement.columns(); a++) {
            for (int b = a + 1; b < arrangement.columns(); b++) {
                cost = tried(cost, new int[][]{{a, b}});
            }
        }
        return cost;
    }

    private double rings(double before) {
        double cost = before;
        int columns = arrangement.columns();
        for (int a = 0; a < columns; a++) {
            for (int b = a + 1; b < columns; b++) {
                for (int c = b + 1; c < columns; c++) {
                    cost = tried(cost, new int[][]{{a, b}, {b, c}});
                    cost = tried(cost, new int[][]{{b, c}, {a, b}});
                }
            }
        }
        return cost;
    }

    private double wholePairs(double before) {
        double cost = before;
        List<int[]> pairs = pairs();
        for (int[] p : pairs) {
            for (int[] q : pairs) {
                if (p[0] < q[0]) {
                    cost = tried(cost, new int[][]{{p[0], q[0]}, {p[1], q[1]}});
                    cost = tried(cost, new int[][]{{p[0], q[1]}, {p[1], q[0]}});
                }
            }
        }
        return cost;
    }

    /** Exchanges what lies on the columns, one exchange after the other, if that is cheaper; the cost afterwards. */
    private double tried(double cost, int[][] exchanges) {
        int[] before = at.clone();
        for (int[] two : exchanges) {
            for (int line = 0; line < at.length; line++) {
                at[line] = at[line] == two[0] ? two[1] : at[line] == two[1] ? two[0] : at[line];
            }
        }
        double now = arrangement.cost(at);
        if (now < cost - LEAST_GAIN) {
            return now;
        }
        System.arraycopy(before, 0, at, 0, at.length);
        return cost;
    }
}
