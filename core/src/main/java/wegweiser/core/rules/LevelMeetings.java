package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** An output and an input on one net whose levels do not suit each other. */
record LevelMeetings(Pin out, Pin in, Levels.Problem problem) {
    /** All such meetings, either those that clash or those that are merely unsure. */
    static List<LevelMeetings> of(Derived derived, boolean clash) {
        List<LevelMeetings> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin out : net) {
                for (Pin in : net) {
                    if (meet(out, in)) {
                        Levels.between(out.level(), in.level())
                                .filter(p -> p.clash() == clash)
                                .ifPresent(p -> found.add(new LevelMeetings(out, in, p)));
                    }
                }
            }
        }
        return found;
    }

    private static boolean meet(Pin out, Pin in) {
        boolean drives = out.is(Direction.OUT) && (in.is(Direction.IN) || in.is(Direction.BOTH));
        boolean bus = out.is(Direction.BOTH) && in.isSignal() && out.terminal().compareTo(in.terminal()) < 0;
        return drives || bus;
    }

    Finding finding(String rule, Severity severity) {
        return new Finding(rule, severity, List.of(out.terminal(), in.terminal()),
                Words.say("rule." + rule + ".message", out.words(), in.words(), problem.why()),
                problem.remedy(), Optional.empty());
    }
}
