package wegweiser.benchmarks.report;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/** How far the advisor is above the least there can be, over every cable of the house's mix between small connectors. */
final class FloorReport {
    private static final String[][] SMALL = {{"4P4C to 4P4C", "modular-4p4c-plug", "modular-4p4c-plug"},
            {"M12 4 to 4", "m12-a-4-plug", "m12-a-4-socket"},
            {"M12 5 to 5", "m12-a-5-plug", "m12-a-5-socket"}};

    private FloorReport() {}

    static void print() {
        System.out.println("The least there can be, every cable of the house's mix\n");
        System.out.println("| pair | cables | states | floor, s | advisor, s | ratio | wrong |");
        System.out.println("| --- | --- | --- | --- | --- | --- | --- |");
        for (String[] pair : SMALL) {
            CableMix mix = new CableMix(pair[1], pair[2]);
            Map<Nets, Double> cables = mix.cables();
            Map<Integer, Double> tables = new HashMap<>();
            cables.forEach((nets, share) -> tables.merge(table(mix, nets), share, Double::sum));
            int near = contacts(mix, "A").size();
            Floor floor = new Floor(near, contacts(mix, "B").size(), tables, Advisor.IDENTIFIED, near,
                    CostModel.USUAL);
            double least = floor.seconds();
            Advisor advisor = new Advisor(mix.job(), mix.index(), Fixture.PROBES, Goal.IDENTIFY,
                    CostModel.USUAL, 1);
            double whole = cables.values().stream().mapToDouble(d -> d).sum();
            double seconds = 0;
            double wrong = 0;
            for (Map.Entry<Nets, Double> cable : cables.entrySet()) {
                Session session = Session.run(advisor, cable.getKey(), Fixture.PROBES, true);
                seconds += cable.getValue() / whole * session.seconds();
                wrong += session.right() ? 0 : cable.getValue() / whole;
            }
            System.out.printf(Locale.ROOT, "| %s | %d | %d | %.2f | %.2f | %.3f | %.2f %% |%n", pair[0],
                    cables.size(), floor.states(), least, seconds, seconds / least, 100 * wrong);
        }
    }

    private static List<Terminal> contacts(CableMix mix, String end) {
        return mix.index().terminals().stream().filter(t -> t.end().equals(end)).toList();
    }

    private static int table(CableMix mix, Nets nets) {
        List<Terminal> near = contacts(mix, "A");
        List<Terminal> far = contacts(mix, "B");
        int pairs = 0;
        for (int i = 0; i < near.size(); i++) {
            for (int j = 0; j < far.size(); j++) {
                pairs |= nets.joined(near.get(i), far.get(j)) ? 1 << i * far.size() + j : 0;
            }
        }
        return pairs;
    }
}
