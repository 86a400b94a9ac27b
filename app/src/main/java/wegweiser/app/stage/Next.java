package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Goal;
import wegweiser.core.derived.Derived;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Touch;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.core.prove.Diagnosis;
import wegweiser.core.prove.Explanation;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Testing;
import wegweiser.core.prove.Verdict;
import wegweiser.core.rules.Finding;
import wegweiser.core.words.Words;

/**
 * What comes next in a job.
 *
 * @param stage where it is done
 * @param words one sentence
 * @param trouble whether something is wrong that has to be put right first
 */
public record Next(StageId stage, String words, boolean trouble) {
    /** So many contacts are named, more are counted: on a card a sentence has two lines. */
    private static final int FEW = 3;

    /** Works it out; takes as long as a proposal of the advisor, so not on the interface thread. */
    public static Next of(Derived derived, Testing testing, boolean rightHanded) {
        Job job = derived.job();
        Optional<Next> ends = ends(job);
        if (ends.isPresent()) {
            return ends.get();
        }
        return job.links().isEmpty() ? traced(derived, testing) : planned(derived, testing, rightHanded);
    }

    private static Optional<Next> ends(Job job) {
        if (job.ends().stream().filter(e -> !e.isBlank()).count() < 2) {
            return Optional.of(new Next(StageId.ENDS, t("next.connectors"), false));
        }
        for (End end : job.ends()) {
            List<String> differ = SourceComparison.of(end, Optional.empty()).rows().stream()
                    .filter(r -> r.agreement() == SourceComparison.Agreement.SUBSTANCE)
                    .map(SourceComparison.Row::contact).toList();
            if (!differ.isEmpty()) {
                return Optional.of(new Next(StageId.ENDS,
                        differ.size() > FEW
                                ? t("next.sources-many", end.name(), differ.size())
                                : t("next.sources", end.name(), t("contacts", differ.size()),
                                        Words.list(differ)),
                        true));
            }
        }
        return Optional.empty();
    }

    private static Next traced(Derived derived, Testing testing) {
        Job job = derived.job();
        boolean known = job.ends().stream().noneMatch(e -> e.pinout().isEmpty());
        if (job.readings().isEmpty()) {
            return known
                    ? new Next(StageId.ROUTE, t("next.route"), false)
                    : new Next(StageId.TRACE, t("next.trace"), false);
        }
        if (!derived.evidence().contradictions().isEmpty()) {
            return new Next(StageId.TRACE, t("next.conflict"), true);
        }
        Advisor advisor = new Advisor(job, derived.index(), testing.fixture(), Goal.PROVE, CostModel.USUAL,
                1);
        return advisor.next(derived.evidence())
                .map(p -> new Next(StageId.TRACE, touch("next.touch", p.touch()), false))
                .orElseGet(() -> new Next(StageId.ROUTE, t(known ? "next.route" : "next.traced"), false));
    }

    private static Next planned(Derived derived, Testing testing, boolean rightHanded) {
        Job job = derived.job();
        List<Finding> errors = Progress.errors(derived);
        if (!errors.isEmpty()) {
            return new Next(StageId.ROUTE, errors.getFirst().message(), true);
        }
        List<Step> steps = BenchSteps.of(derived, rightHanded);
        BenchProgress progress = new BenchProgress(steps, job, Instant.now());
        Optional<Step> step = progress.next();
        // before anything is built, readings that do not fit the plan are those of some other cable
        boolean unbuilt = job.readings().isEmpty()
                || job.done().isEmpty()
                        && Verdict.of(derived, testing.fixture()).result() == Verdict.Result.FAIL;
        return step.filter(_ -> unbuilt)
                .map(s -> new Next(StageId.MAKE, progress.state(s) == BenchProgress.State.RUNNING
                        ? t("next.waits", s.text(),
                                Waits.clock(job.waitingFor(s.key()).orElseThrow().until()))
                        : t("next.step", s.n(), steps.size(), s.text()), false))
                .orElseGet(() -> proved(derived, testing));
    }

    private static Next proved(Derived derived, Testing testing) {
        Sure sure = Sure.of(derived, testing);
        Verdict verdict = sure.verdict();
        if (sure.standing() == Sure.Standing.FAIL) {
            List<Explanation> stories = Diagnosis.of(derived, verdict);
            return new Next(StageId.PROVE, stories.isEmpty()
                    ? t("next.faults", t("faults", Math.max(1, verdict.faults().size())))
                    : t("next.failed", stories.getFirst().text()), true);
        }
        return Sureness.next(derived, testing)
                .map(test -> new Next(StageId.PROVE, touch("next.test", test.touch()), false))
                // there may be no test left and the readings still be in doubt
                .orElseGet(() -> verdict.isDoubtful()
                        ? new Next(StageId.PROVE, t("next.doubt"), true)
                        : new Next(StageId.PROVE, t("next.record", sure.words()), false));
    }

    private static String touch(String key, Touch touch) {
        return t(key, Words.list(touch.red()), Words.list(touch.black()));
    }
}
