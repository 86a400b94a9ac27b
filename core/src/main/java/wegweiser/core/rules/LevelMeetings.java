package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** An output and an input whose levels do not suit each other, on one net or with parts between them. */
record LevelMeetings(Pin out, Pin in, Levels.Problem problem) {
    /** Where so little is left, sound was brought down on purpose. */
    private static final double ATTENUATED = 0.1;

    /** All such meetings, either those that clash or those that are merely unsure. */
    static List<LevelMeetings> of(Derived derived, boolean clash) {
        List<LevelMeetings> all = derived.once(LevelMeetings.class, () -> all(derived));
        return all.stream().filter(m -> m.problem.clash() == clash).toList();
    }

    private static List<LevelMeetings> all(Derived derived) {
        List<LevelMeetings> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin out : net) {
                for (Pin in : net) {
                    if (meet(out, in)) {
                        between(out, in).ifPresent(found::add);
                    }
                }
            }
        }
        Circuit circuit = Circuit.of(derived);
        if (!circuit.parts().isEmpty()) {
            found.addAll(throughParts(circuit));
            found.addAll(sound(circuit));
        }
        return found;
    }

    /** Two lines that talk both ways are looked at once, from whichever side is worse. */
    private static Optional<LevelMeetings> between(Pin out, Pin in) {
        Optional<Levels.Problem> one = Levels.between(out.level(), in.level());
        boolean turned = out.is(Direction.BOTH) && in.is(Direction.BOTH);
        Optional<Levels.Problem> other = turned ? Levels.between(in.level(), out.level()) : Optional.empty();
        boolean worse = other.isPresent() && (one.isEmpty() || !one.get().clash() && other.get().clash());
        return worse
                ? other.map(p -> new LevelMeetings(in, out, p))
                : one.map(p -> new LevelMeetings(out, in, p));
    }

    private static boolean meet(Pin out, Pin in) {
        boolean drives = out.is(Direction.OUT) && (in.is(Direction.IN) || in.is(Direction.BOTH));
        boolean bus = out.is(Direction.BOTH) && in.is(Direction.IN)
                || out.is(Direction.BOTH) && in.is(Direction.BOTH)
                        && out.terminal().compareTo(in.terminal()) < 0;
        return drives || bus;
    }

    /** What arrives behind resistors and diodes, worked out as volts. */
    private static List<LevelMeetings> throughParts(Circuit circuit) {
        List<LevelMeetings> found = new ArrayList<>();
        for (int node = 0; node < circuit.size(); node++) {
            List<Integer> beyond = circuit.beyond(node);
            for (Pin out : beyond.isEmpty() ? List.<Pin>of() : circuit.pins(node)) {
                Optional<Level> level = out.level().filter(l -> l.isLogic() || l == Level.RS232);
                if (level.isEmpty() || !out.is(Direction.OUT) && !out.is(Direction.BOTH)) {
                    continue;
                }
                double[] high = volts(circuit, node, level.get(), true);
                double[] low = volts(circuit, node, level.get(), false);
                for (int other : beyond) {
                    for (Pin in : circuit.pins(other)) {
                        if (in.is(Direction.IN) || in.is(Direction.BOTH)) {
                            arriving(out, in, low[other], high[other]).ifPresent(found::add);
                        }
                    }
                }
            }
        }
        return found;
    }

    /** Sound behind resistors is as loud as before, unless they divide it down. */
    private static List<LevelMeetings> sound(Circuit circuit) {
        List<LevelMeetings> found = new ArrayList<>();
        for (int node = 0; node < circuit.size(); node++) {
            for (Pin out : circuit.pins(node)) {
                boolean source = out.is(Direction.OUT) && out.level().filter(Level::isAudio).isPresent();
                for (int other : source ? circuit.beyond(node) : List.<Integer>of()) {
                    Map<Integer, Double> held = circuit.rails();
                    held.put(node, 1.0);
                    double share = circuit.volts(held)[other];
                    for (Pin in : circuit.pins(other)) {
                        if (in.is(Direction.IN) && (Double.isNaN(share) || share > ATTENUATED)) {
                            Levels.between(out.level(), in.level())
                                    .ifPresent(p -> found.add(new LevelMeetings(out, in, p)));
                        }
                    }
                }
            }
        }
        return found;
    }

    private static double[] volts(Circuit circuit, int node, Level level, boolean high) {
        Map<Integer, Double> held = circuit.rails();
        if (!level.isOpen()) {
            held.put(node, high ? level.mostVolts() : level.leastVolts());
        } else if (high == level.mostVolts() > 0) {
            held.put(node, high ? level.mostVolts() : 0);
        }
        return circuit.volts(held);
    }

    private static Optional<LevelMeetings> arriving(Pin out, Pin in, double low, double high) {
        boolean both = !Double.isNaN(low) && !Double.isNaN(high);
        double one = Double.isNaN(low) ? high : low;
        return in.level().filter(_ -> !Double.isNaN(one))
                .flatMap(l -> both
                        ? Levels.arriving(l, low, high)
                        : Levels.arriving(l, one, one).filter(Levels.Problem::clash))
                .map(p -> new LevelMeetings(out, in, p));
    }

    /** From which end to which; of lines that both talk either way no direction is meant. */
    private Object ends() {
        List<String> ends = List.of(out.terminal().end(), in.terminal().end());
        return out.is(Direction.BOTH) && in.is(Direction.BOTH) ? Set.copyOf(ends) : ends;
    }

    /** The findings, one for all lines between two ends that have the same problem. */
    static List<Finding> findings(Derived derived, boolean clash, String rule, Severity severity) {
        Map<List<Object>, List<LevelMeetings>> alike = new LinkedHashMap<>();
        of(derived, clash).forEach(m -> alike.computeIfAbsent(
                List.of(m.ends(), m.problem),
                _ -> new ArrayList<>()).add(m));
        return alike.values().stream().map(all -> {
            String from = all.getFirst().out.terminal().end();
            List<Pin> outs = all.stream().map(m -> m.out.isAt(from) ? m.out : m.in).distinct().toList();
            List<Pin> ins = all.stream().map(m -> m.out.isAt(from) ? m.in : m.out).distinct().toList();
            Levels.Problem problem = all.getFirst().problem;
            return new Finding(rule, severity,
                    Stream.concat(outs.stream(), ins.stream()).map(Pin::terminal).toList(),
                    Words.say("rule." + rule + ".message", Pin.words(outs), Pin.words(ins), problem.why()),
                    problem.remedy(), Optional.empty());
        }).toList();
    }
}
