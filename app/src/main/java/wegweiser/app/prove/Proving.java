package wegweiser.app.prove;

import static wegweiser.app.texts.Texts.t;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.app.controls.ProbeDock;
import wegweiser.app.stage.DockWork;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Proposal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Enough;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Telling;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Testing;
import wegweiser.core.prove.Verdict;
import wegweiser.core.words.Words;

/**
 * Everything that Prove shows of a job, worked out off the interface thread.
 *
 * @param touchesLeft how many touches it is to what was chosen, if each shows what a good cable shows
 * @param recorded the label under which the unit was recorded as it is
 */
record Proving(Derived derived, Sure sure, FallingCurve.Falling falling, List<FaultChances.Chance> chances,
        int touchesLeft, List<Explanation> explanations, Optional<DockWork.Asked> next,
        Optional<Outcome> simulated, Optional<String> recorded) {
    /** So far ahead is looked; what takes longer is not counted to the end. */
    private static final int AHEAD = 60;
    /** Looking ahead costs as much as this many faults and touches. */
    private static final int FEW_FAULTS = 1500;

    static Proving of(Derived derived, Testing testing, boolean simulated, Optional<String> recorded) {
        Job job = derived.job();
        Sure sure = job.links().isEmpty()
                ? Sure.of(derived, Verdict.of(job, derived.evidence(), List.of()), testing.enough().most())
                : Sure.of(derived, testing);
        List<FaultChances.Chance> chances = sure.left().map(FaultChances.Left::chances).orElse(List.of());
        List<Sureness.Ahead> ahead = ahead(derived, testing, sure, chances.size());
        List<Explanation> explanations = Diagnosis.of(derived, sure.verdict());
        Optional<DockWork.Asked> next = next(derived, testing, sure, explanations);
        int left = testing.enough() == Enough.PROVED
                ? sure.verdict().open() + sure.verdict().once().size()
                : ahead.size();
        return new Proving(derived, sure, falling(derived, testing, sure, ahead), chances, left,
                explanations, next,
                DockWork.simulated(job, simulated, next), recorded);
    }

    /** Whether the way to what was chosen is longer than was looked ahead. */
    boolean isFarAhead() {
        return touchesLeft == AHEAD;
    }

    private static List<Sureness.Ahead> ahead(Derived derived, Testing testing, Sure sure, int faults) {
        boolean done = sure.left().isEmpty() || sure.standing() == Sure.Standing.PASS;
        return done || faults == 0 || faults > FEW_FAULTS
                ? List.of()
                : Sureness.of(derived, testing).ahead(derived.job().readings(), testing.enough().most(),
                        AHEAD);
    }

    private static FallingCurve.Falling falling(Derived derived, Testing testing, Sure sure,
            List<Sureness.Ahead> ahead) {
        if (sure.left().isEmpty() || derived.job().links().isEmpty()) {
            return FallingCurve.Falling.NONE;
        }
        Sureness sureness = Sureness.of(derived, testing);
        List<Reading> made = derived.job().readings().stream().filter(r -> !r.isAssumed()).toList();
        return new FallingCurve.Falling(FaultChances.of(derived).after(List.of()).chance(),
                sureness.soFar(made),
                ahead.stream().map(Sureness.Ahead::chance).toList(), sureness.byHand(2 * AHEAD),
                testing.enough().most());
    }

    private static Optional<DockWork.Asked> next(Derived derived, Testing testing, Sure sure,
            List<Explanation> explanations) {
        if (sure.standing() == Sure.Standing.FAIL) {
            return explanations.stream().anyMatch(Explanation::isWhole)
                    ? Telling.next(derived, explanations, testing)
                            .map(touch -> DockWork.Asked.of(touch, Mode.OHMS,
                                    t("prove.further"), t("prove.tells-apart", explanations.size())))
                    : further(derived, testing.fixture());
        }
        if (derived.job().links().isEmpty()) {
            return Optional.empty();
        }
        return Sureness.next(derived, testing).map(test -> asked(derived.job(), test));
    }

    private static DockWork.Asked asked(Job job, Test test) {
        List<String> why = new ArrayList<>();
        why.add(t("prove.expect", test.expect()));
        if (!test.touch().isSingle()) {
            why.add(t("prove.bridge"));
        } else if (!job.readings().isEmpty()) {
            keep(job.readings().getLast(), test).ifPresent(why::add);
        }
        int number = 1 + (int) job.readings().stream().filter(r -> !r.isAssumed()).count();
        return new DockWork.Asked(test.touch(), test.mode(),
                t("prove.touch", number,
                        t("prove.about." + test.kind().id(), t("danger." + test.danger().name()))),
                String.join(" ", why), expected(test), question(test));
    }

    /** Which probe stays where it is. */
    private static Optional<String> keep(Reading last, Test test) {
        return last.red().equals(test.red())
                ? Optional.of(t("prove.keep.red", Words.list(test.red())))
                : last.black().equals(test.black())
                        ? Optional.of(t("prove.keep.black", Words.list(test.black())))
                        : Optional.empty();
    }

    /** The answer that a good cable gives. */
    private static ProbeDock.Answer expected(Test test) {
        boolean joined = test.kind() == Test.Kind.JOINED;
        return test.window().isGiven() || joined && test.mode() == Mode.OHMS
                ? ProbeDock.Answer.VALUE
                : joined ? ProbeDock.Answer.BEEP : ProbeDock.Answer.NOTHING;
    }

    /** What is asked, with the range that the meter has to be on. */
    private static String question(Test test) {
        return switch (test.mode()) {
            case OHMS -> t(test.kind() == Test.Kind.JOINED || test.window().isGiven()
                    && test.window().to() <= Foreseen.COPPER_OHMS
                            ? "dock.question.ohms-low"
                            : test.window().isGiven()
                                    ? "dock.question.ohms-value"
                                    : "dock.question.ohms-high");
            case DIODE -> t("dock.question.diode");
            default -> t("dock.question.beep");
        };
    }

    /** Where a cable failed, the touch that tells most of what it is instead. */
    private static Optional<DockWork.Asked> further(Derived derived, Fixture fixture) {
        Job job = derived.job();
        Advisor advisor = new Advisor(job, new TerminalIndex(Terminals.of(job)), fixture, Goal.ONCE,
                CostModel.USUAL, 1);
        Optional<Proposal> further = advisor.next(derived.evidence());
        return further.map(p -> DockWork.Asked.of(p.touch(), p.mode(), t("prove.further"), p.why()));
    }
}
