package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** One conductor given to two nets. */
final class SameColourTwice implements Rule {
    @Override
    public String id() {
        return "same-colour-twice";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Map<String, Terminal> first = new LinkedHashMap<>();
        for (Link link : derived.job().links()) {
            String conductor = link.conductor().orElse("");
            if (conductor.isEmpty() || link.to().isEmpty() || link.isWithinOneEnd()) {
                continue;
            }
            Terminal before = first.putIfAbsent(conductor, link.from());
            if (before != null && !derived.nets().joined(before, link.from())) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(before, link.from()), conductor, before,
                        link.from()));
            }
        }
        return found;
    }
}
