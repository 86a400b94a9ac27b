package wegweiser.core.prove;

import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.words.Words;

/**
 * How sure the readings of a cable make, and what is said of it. Tested is said when every reading fits the plan, no more
 * chance is left than was asked for, and the cable did not pass anyway.
 *
 * @param left the chances that are left; empty where a reading does not fit
 * @param most the chance that may be left
 */
public record Sure(Verdict verdict, Optional<FaultChances.Left> left, double most) {
    /** The readings of a job, with the verdict on them. */
    public static Sure of(Derived derived, Verdict verdict, double most) {
        boolean fits = verdict.result() != Verdict.Result.FAIL
                && derived.job().readings().stream().filter(r -> !r.isAssumed())
                        .allMatch(derived.foreseen()::fits);
        return new Sure(verdict, fits
                ? Optional.of(FaultChances.of(derived).after(derived.job().readings()))
                : Optional.empty(), most);
    }

    public boolean isTested() {
        return verdict.result() == Verdict.Result.INCOMPLETE && isEnough();
    }

    private boolean isEnough() {
        return left.filter(l -> l.isEnough(most)).isPresent();
    }

    /** The word of the job format. */
    public String id() {
        return isTested() ? "tested" : verdict.result().id();
    }

    /** The probability that a fault is left; one where a reading does not fit. */
    public double chanceLeft() {
        return left.map(FaultChances.Left::chance).orElse(1.0);
    }

    /** The probability that a fault is left which does harm; one where a reading does not fit. */
    public double harmLeft() {
        return left.map(FaultChances.Left::harm).orElse(1.0);
    }

    /** The chances in a sentence. */
    public String words() {
        if (left.isEmpty()) {
            return Words.say("sure.fails");
        }
        String harm = harmLeft() > 0
                ? Words.say("sure.harm", oneIn(harmLeft()))
                : Words.say("sure.harmless");
        return Words.say(isEnough() ? "sure.tested" : "sure.left", oneIn(chanceLeft()), harm);
    }

    /** One in so many, of which two digits are said. */
    private static String oneIn(double chance) {
        return Words.number(Quantity.twoDigits(1 / chance));
    }
}
