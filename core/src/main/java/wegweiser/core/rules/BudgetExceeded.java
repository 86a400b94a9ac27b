package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
        // the same current over the same limit, there and back and at both ends, is one thing that is too weak
        Map<List<Object>, List<PortBudget>> over = new LinkedHashMap<>();
        PortBudget.of(derived).stream().filter(b -> b.amps() > b.limit()).forEach(
                b -> over.computeIfAbsent(List.of(severity(b), b.amps(), b.limit()), _ -> new ArrayList<>())
                        .add(b));
        return over.values().stream().map(this::finding).toList();
    }

    private static Severity severity(PortBudget budget) {
        return budget.binds().equals("usb") ? Severity.WARNING : Severity.ERROR;
    }

    private Finding finding(List<PortBudget> budgets) {
        PortBudget first = budgets.getFirst();
        return Finding.of(id(), severity(first),
                budgets.stream().flatMap(b -> b.pins().stream()).map(Pin::terminal).distinct().sorted()
                        .toList(),
                Words.number(first.amps()), Words.number(first.limit()),
                budgets.size() == 1
                        ? Words.say("rule.budget-exceeded.by-" + first.binds(), first.where())
                        : several(budgets));
    }

    private static String several(List<PortBudget> budgets) {
        List<String> where = budgets.stream().map(PortBudget::where).distinct().toList();
        return Words.say("rule.budget-exceeded.by-several", Words.list(where), where.size());
    }
}
