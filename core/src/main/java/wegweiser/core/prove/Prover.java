package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Runs a test plan against a meter, and looks further where a test failed so that the fault can be explained. */
public final class Prover {
    private Prover() {}

    /**
     * The job with the readings of a whole proof: the open tests of the plan, each read twice where all pass so that one
     * wrong reading passes nothing, and on failure a full trace.
     */
    public static Job run(Job job, Fixture fixture, Tracer.Answers meter, long seed) {
        return run(job, fixture, meter, seed, true);
    }

    /** The same with each test read once, by whoever is in a hurry. */
    public static Job once(Job job, Fixture fixture, Tracer.Answers meter, long seed) {
        return run(job, fixture, meter, seed, false);
    }

    /**
     * A cable that was touched.
     *
     * @param fits whether every reading is what the test asks for
     * @param touches how often probes or gangs were placed
     */
    public record Touched(Job job, boolean fits, int touches, double seconds) {}

    /** Tests one by one until the chance that a fault is left is at most so much, or a reading does not fit. */
    public static Touched untilSure(Job job, Fixture fixture, Tracer.Answers meter, double most) {
        Derived derived = Derived.of(job);
        Sureness sureness = Sureness.of(derived, Testing.with(fixture));
        List<Reading> readings = new ArrayList<>(job.readings());
        boolean fits = Verdict.of(derived, fixture).result() != Verdict.Result.FAIL;
        Optional<Touch> last = Optional.empty();
        int touches = 0;
        double seconds = 0;
        while (fits) {
            Optional<Test> next = sureness.next(readings, most);
            if (next.isEmpty()) {
                break;
            }
            Test test = next.get();
            touches += last.filter(test.touch()::equals).isPresent() ? 0 : 1;
            seconds += CostModel.USUAL.seconds(last, test.touch(), fixture, test.mode());
            last = Optional.of(test.touch());
            Reading reading = Reading.of(test.mode(), test.touch(), meter.answer(test.touch(), test.mode()));
            readings.add(reading);
            fits = derived.foreseen().fits(reading) && !Verdict.isTooHigh(reading.outcome(), test);
        }
        return new Touched(job.withReadings(readings), fits, touches, seconds);
    }

    private static Job run(Job job, Fixture fixture, Tracer.Answers meter, long seed, boolean twice) {
        TerminalIndex index = new TerminalIndex(Terminals.of(job));
        List<Test> plan = TestPlan.of(job, fixture);
        List<Reading> readings = new ArrayList<>(job.readings());
        boolean failed = false;
        for (Test test : plan) {
            Evidence evidence = new Evidence(index, readings);
            if (Verdict.state(job, evidence, test) == Verdict.State.OPEN) {
                readings.add(Reading.of(test.mode(), test.touch(), meter.answer(test.touch(), test.mode())));
            }
            failed |= Verdict.state(job, new Evidence(index, readings), test) == Verdict.State.FAILED;
        }
        Job tested = job.withReadings(readings);
        // a test that followed from others was not made at all, and is made twice
        for (int round = 0; round < 2 && twice && !failed; round++) {
            for (Test test : Verdict.of(tested, Evidence.of(tested), plan).once()) {
                tested = tested.withReading(
                        Reading.of(test.mode(), test.touch(), meter.answer(test.touch(), test.mode())));
            }
            failed = Verdict.of(tested, Evidence.of(tested), plan).result() == Verdict.Result.FAIL;
        }
        return failed ? found(tested, fixture, meter, seed) : tested;
    }

    /**
     * Asks where a cable failed what tells the likely stories apart, until one is left; the whole cable is looked through
     * where nothing that is known to go wrong accounts for what was read.
     */
    public static Touched told(Touched failed, Fixture fixture, Tracer.Answers meter, long seed) {
        Job job = failed.job();
        int touches = failed.touches();
        double seconds = failed.seconds();
        Testing testing = Testing.with(fixture);
        while (true) {
            Derived derived = Derived.of(job);
            List<Explanation> stories = Diagnosis.of(derived, Verdict.of(derived, fixture));
            if (stories.isEmpty() || !stories.getFirst().isWhole()) {
                return new Touched(found(job, fixture, meter, seed), false, touches, seconds);
            }
            Optional<Touch> next = Telling.next(derived, stories, testing);
            if (next.isEmpty()) {
                return new Touched(job, false, touches, seconds);
            }
            touches++;
            seconds += CostModel.USUAL.seconds(Optional.of(job.readings().getLast().touch()), next.get(),
                    fixture,
                    Mode.OHMS);
            job = job.withReading(Reading.of(Mode.OHMS, next.get(), meter.answer(next.get(), Mode.OHMS)));
        }
    }

    /** Looks further where a cable failed, until it is known what it is. */
    public static Job found(Job tested, Fixture fixture, Tracer.Answers meter, long seed) {
        TerminalIndex index = new TerminalIndex(Terminals.of(tested));
        Advisor advisor = new Advisor(tested, index, fixture, Goal.ONCE, CostModel.USUAL, seed);
        Tracer.Run run = Tracer.run(tested, advisor, fixture, CostModel.USUAL, meter, 40 * index.size());
        return tested.withReadings(complete(index, run.readings(), meter));
    }

    /** Touches one by one what is still unproved, so that a fault far from its plan is found as well. */
    private static List<Reading> complete(TerminalIndex index, List<Reading> before, Tracer.Answers meter) {
        List<Reading> readings = new ArrayList<>(before);
        Evidence evidence = new Evidence(index, readings);
        for (int a = 0; a < index.size(); a++) {
            for (int b = a + 1; b < index.size(); b++) {
                if (!evidence.isJoined(a, b) && !evidence.isApart(a, b)) {
                    Touch touch = Touch.of(index.get(a), index.get(b));
                    readings.add(Reading.of(Mode.CONTINUITY, touch, meter.answer(touch, Mode.CONTINUITY)));
                    evidence = new Evidence(index, readings);
                }
            }
        }
        return readings;
    }
}
