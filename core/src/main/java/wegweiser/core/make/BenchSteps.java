package wegweiser.core.make;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;

/**
 * The ordered steps at the bench, from the design and from how each connector is terminated: what must be on the
 * cable before the first joint, then end by end, closed only after a test, and tested again. An end that is kept has none.
 */
public final class BenchSteps {
    private BenchSteps() {}

    /** The steps for a right-handed or left-handed person; empty when nothing is planned. */
    public static List<Step> of(Job job, boolean rightHanded) {
        return of(Derived.of(job), rightHanded);
    }

    /** The same for a job from which something follows already. */
    public static List<Step> of(Derived derived, boolean rightHanded) {
        return derived.once(List.of(BenchSteps.class, rightHanded), () -> steps(derived, rightHanded));
    }

    private static List<Step> steps(Derived derived, boolean rightHanded) {
        Job job = derived.job();
        if (job.links().isEmpty()) {
            return List.of();
        }
        StepsSoFar steps = new StepsSoFar();
        prepare(derived, steps);
        job.ends().stream().filter(end -> !job.keeps(end.name()))
                .forEach(end -> new EndSteps(derived, end, rightHanded, steps).write());
        steps.plain("look", "", "look");
        steps.careful("prove", "", "prove", "first-power");
        steps.plain("label", "", "label");
        return steps.all();
    }

    private static void prepare(Derived derived, StepsSoFar steps) {
        Job job = derived.job();
        CutList.of(job)
                .ifPresent(cut -> steps.careful("cut", "", "cut", "blade", Words.number(cut.totalMm() / 1000),
                        derived.cable().map(CableStock::title).orElse(Words.say("step.cable"))));
        for (End end : job.ends().stream().filter(e -> !job.keeps(e.name())).toList()) {
            derived.connector(end.name()).ifPresent(t -> {
                String parts = Words.say("step.slide." + t.termination().id());
                if (!parts.isEmpty()) {
                    steps.plain("slide", end.name(), "slide", parts, end.name());
                }
            });
        }
    }
}
