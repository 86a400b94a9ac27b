package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** More current than a port gives, or than its contacts or those of the return carry; says which limit binds. */
final class BudgetExceeded implements Rule {
    @Override
    public String id() {
        return "budget-exceeded";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return PortBudget.of(derived).stream().filter(b -> b.amps() > b.limit())
                .map(b -> Finding.of(id(), b.binds().equals("usb") ? Severity.WARNING : Severity.ERROR,
                        Pin.terminals(b.pins()), Words.number(b.amps()),
                        Words.number(b.limit()),
                        Words.say("rule.budget-exceeded.by-" + b.binds(), b.where())))
                .toList();
    }
}
