package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/** Supply that arrives below what its sink needs: volts lost there and back over wire and four contacts. */
final class DropTooLarge implements Rule {
    /** With less than this share of what it needs a device does not work at all. */
    private static final double LEAST_SHARE = 0.8;

    private static final double SLACK = 0.02;

    @Override
    public String id() {
        return "drop-too-large";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().cable().lengthMm().isEmpty()) {
            return found;
        }
        for (SupplyRun run : SupplyRun.of(derived)) {
            double lost = run.lost();
            Volts wanted = run.sink().volts().orElse(run.given());
            // a supply is no more exact than a fiftieth; what a component takes without a load is for another rule
            if (Double.isFinite(lost) && lost > SLACK * wanted.needs()
                    && !run.given().fallsShort(wanted, run.lostAtRest())
                    && run.given().fallsShort(wanted, lost)) {
                double arrives = run.given().smallest() - lost;
                found.add(Finding.of(id(),
                        arrives < LEAST_SHARE * wanted.needs() ? Severity.ERROR : Severity.WARNING,
                        List.of(run.source().terminal(), run.sink().terminal()), Words.number(lost),
                        run.sink().words(), Words.number(Math.max(0, run.given().smallest() - lost)),
                        Words.number(wanted.needs())));
            }
        }
        return found;
    }
}
