package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that the cable does not have, or a wire along the cable that was given none while others were. */
final class ConductorUnknown implements Rule {
    @Override
    public String id() {
        return "conductor-unknown";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return found;
        }
        // where there are too few, that is the cause and is told
        boolean given = derived.job().links().stream().anyMatch(l -> l.conductor().isPresent())
                && new TooFewConductors().check(derived).isEmpty();
        for (Link link : derived.job().links()) {
            if (link.conductor().isPresent() && !ScreenLinks.isScreen(link)
                    && !cable.conductors().contains(link.conductor().get())) {
                found.add(Finding.of(id(), Severity.ERROR, List.of(link.from()), link.conductor().get(),
                        cable.title(), Words.list(cable.conductors()), link.from()));
            } else if (given && link.conductor().isEmpty() && link.isCopper() && !link.isWithinOneEnd()
                    && !ScreenLinks.isScreen(link)) {
                List<Terminal> where = List.of(link.from(), link.to().orElseThrow());
                found.add(new Finding(id(), Severity.WARNING, where,
                        Words.say("rule.conductor-unknown.none", where.get(0), where.get(1)),
                        Words.say("rule.conductor-unknown.none.remedy"), Optional.empty()));
            }
        }
        return found;
    }
}
