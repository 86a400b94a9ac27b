package wegweiser.core.prove;

import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.model.HasId;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.words.Words;

/**
 * How sure the readings of a cable make, and what is said of it on the screen, in the log, on the sheet and by the command.
 * It passed when every test was read twice; it is tested when every reading fits the plan and no more chance is left than
 * was asked for.
 *
 * @param left the chances that are left; empty where a reading does not fit
 * @param most the chance that may be left
 */
public record Sure(Verdict verdict, Optional<FaultChances.Left> left, boolean isRead, double most) {
    /** What a cable may be called; the ids are the words of the job format. */
    public enum Standing implements HasId {
        PASS,
        TESTED,
        FAIL,
        INCOMPLETE
    }

    /** The readings of a job, with the verdict on them. */
    public static Sure of(Derived derived, Verdict verdict, double most) {
        boolean fits = verdict.result() != Verdict.Result.FAIL
                && derived.job().readings().stream().filter(r -> !r.isAssumed())
                        .allMatch(derived.foreseen()::fits);
        return new Sure(verdict, fits
                ? Optional.of(FaultChances.of(derived).after(derived.job().readings()))
                : Optional.empty(), derived.job().readings().stream().anyMatch(r -> !r.isAssumed()), most);
    }

    /** The same for somebody who tests in a way. */
    public static Sure of(Derived derived, Testing testing) {
        return of(derived, Verdict.of(derived, testing.fixture()), testing.enough().most());
    }

    public Standing standing() {
        if (verdict.result() == Verdict.Result.FAIL) {
            return Standing.FAIL;
        }
        if (verdict.isPassed()) {
            return Standing.PASS;
        }
        return isEnough() && !verdict.isDoubtful() ? Standing.TESTED : Standing.INCOMPLETE;
    }

    public boolean isTested() {
        return standing() == Standing.TESTED;
    }

    private boolean isEnough() {
        return left.filter(l -> l.isEnough(most)).isPresent();
    }

    /** The word of the job format. */
    public String id() {
        return standing().id();
    }

    /** The probability that a fault is left; one where a reading does not fit. */
    public double chanceLeft() {
        return left.map(FaultChances.Left::chance).orElse(1.0);
    }

    /** The probability that a fault is left which does harm; one where a reading does not fit. */
    public double harmLeft() {
        return left.map(FaultChances.Left::harm).orElse(1.0);
    }

    /** How it stands, in a sentence. */
    public String words() {
        return switch (standing()) {
            case PASS -> Words.say("sure.pass");
            case FAIL -> Words.say("sure.fail");
            case TESTED -> Words.say("sure.tested", oneIn(chanceLeft()), harmWords());
            case INCOMPLETE -> verdict.plan().isEmpty()
                    ? Words.say("sure.no-plan")
                    : verdict.isDoubtful()
                            ? Words.say("sure.doubt")
                            : !isRead
                                    ? Words.say("sure.none")
                                    : Words.say("sure.left", oneIn(chanceLeft()), harmWords());
        };
    }

    private String harmWords() {
        return harmLeft() > 0 ? Words.say("sure.harm", oneIn(harmLeft())) : Words.say("sure.harmless");
    }

    /** One in so many, of which two digits are said. */
    public static String oneIn(double chance) {
        return Words.number(Quantity.twoDigits(1 / chance));
    }
}
