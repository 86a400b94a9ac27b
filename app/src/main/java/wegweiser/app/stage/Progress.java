package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.Basis;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Testing;
import wegweiser.core.route.PlanCheck;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

/** How far each stage is, in two or three words. */
public record Progress(Map<StageId, Arm> arms) {
    /** What a signpost arm says. */
    public record Arm(String words, boolean done, boolean trouble) {}

    /** Works out all arms; takes some milliseconds, so not on the interface thread. */
    public static Progress of(Derived derived, Testing testing) {
        Job job = derived.job();
        Map<StageId, Arm> arms = new EnumMap<>(StageId.class);
        boolean ends = job.ends().size() >= 2 && job.ends().stream().noneMatch(e -> e.pinout().isEmpty());
        long chosen = job.ends().stream().filter(e -> !e.isBlank()).count();
        arms.put(StageId.ENDS, new Arm(chosen == 0 ? t("arm.waiting") : t("ports", chosen), ends, false));
        arms.put(StageId.TRACE, trace(derived));
        arms.put(StageId.ROUTE, route(derived));
        arms.put(StageId.MAKE, make(derived));
        arms.put(StageId.PROVE, prove(derived, testing));
        return new Progress(arms);
    }

    /** The same where the unit was recorded already, under a label. */
    public Progress recorded(String label) {
        Map<StageId, Arm> now = new EnumMap<>(arms);
        now.computeIfPresent(StageId.PROVE,
                (_, arm) -> new Arm(t("arm.prove.recorded", label), arm.done(), arm.trouble()));
        return new Progress(now);
    }

    private static Arm trace(Derived derived) {
        Job job = derived.job();
        Evidence evidence = derived.evidence();
        // readings of a cable that was begun to be built are no longer those of the lead that was traced
        boolean aside = !job.setAside().isEmpty() && !job.done().isEmpty();
        if (job.readings().isEmpty() || aside) {
            return new Arm(aside ? t("arm.trace.aside") : t("arm.trace.none"), aside, false);
        }
        if (!evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty()) {
            return new Arm(t("arm.trace.conflict"), false, true);
        }
        Proof proof = derived.proof();
        if (!proof.misfits().isEmpty()) {
            return new Arm(t("arm.trace.conflict"), false, true);
        }
        if (proof.isRead()) {
            return new Arm(t(proof.isProved() ? "arm.trace.proved" : "arm.trace.read"), true, false);
        }
        if (proof.isHeardOut()) {
            return new Arm(t("arm.trace.looked"), true, false);
        }
        List<Terminal> all = derived.terminals();
        long known = all.stream().filter(x -> isKnown(evidence, all, x)).count();
        return new Arm(t("arm.trace.known", known, all.size()), false, false);
    }

    /** A contact is known when its partner at another end is proved, or that it has none. */
    private static boolean isKnown(Evidence evidence, List<Terminal> all, Terminal x) {
        List<Terminal> others = all.stream().filter(y -> !x.end().equals(y.end())).toList();
        return others.stream().anyMatch(y -> evidence.state(x, y).isJoined())
                || !others.isEmpty() && others.stream().allMatch(y -> evidence.state(x, y).isApart());
    }

    private static Arm route(Derived derived) {
        Job job = derived.job();
        if (job.links().isEmpty()) {
            return new Arm(t("arm.waiting"), false, false);
        }
        if (Basis.endsChanged(job)) {
            return new Arm(t("arm.route.ends-changed"), false, true);
        }
        int errors = errors(derived).size();
        return errors > 0
                ? new Arm(t("arm.route.errors", errors), false, true)
                : new Arm(t("arm.route.decided"), true, false);
    }

    /** What keeps the plan from being built. Once it is built, Prove says how the cable differs from its plan. */
    static List<Finding> errors(Derived derived) {
        Job job = derived.job();
        return Rules.blocking(job, PlanCheck.of(derived).stream()
                .filter(f -> job.done().isEmpty() || !f.rule().equals("plan-contradicts-reading"))
                .toList());
    }

    private static Arm make(Derived derived) {
        List<Step> steps = BenchSteps.of(derived, true);
        if (steps.isEmpty()) {
            return new Arm(t("arm.waiting"), false, false);
        }
        long done = new BenchProgress(steps, derived.job(), Instant.now()).settled();
        return done == steps.size()
                ? new Arm(t("arm.make.done"), true, false)
                : done == 0
                        ? new Arm(t("arm.make.ready", steps.size()), false, false)
                        : new Arm(t("arm.make.step", done + 1, steps.size()), false, false);
    }

    private static Arm prove(Derived derived, Testing testing) {
        Job job = derived.job();
        if (job.links().isEmpty() || job.readings().isEmpty()) {
            return new Arm(t("arm.prove.none"), false, false);
        }
        Sure sure = Sure.of(derived, testing);
        if (sure.standing() != Sure.Standing.PASS && Basis.planChanged(job)) {
            return new Arm(t("arm.prove.plan-changed"), false, true);
        }
        return switch (sure.standing()) {
            case PASS -> new Arm(t("arm.prove.pass"), true, false);
            case TESTED -> new Arm(t("arm.prove.tested", Sure.oneIn(sure.chanceLeft())), true, false);
            case FAIL -> job.done().isEmpty()
                    ? new Arm(t("arm.prove.other"), false, false)
                    : new Arm(t("arm.prove.faults",
                            t("faults", Math.max(1, sure.verdict().faults().size()))),
                            false, true);
            case INCOMPLETE ->
                new Arm(t("arm.prove.left", Sure.oneIn(sure.chanceLeft())), false, false);
        };
    }
}
