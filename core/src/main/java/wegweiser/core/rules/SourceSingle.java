package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.PinSource;
import wegweiser.core.pinout.Sources;
import wegweiser.core.signals.Pin;

/** A supply contact that only one printed source vouches for. */
final class SourceSingle implements Rule {
    @Override
    public String id() {
        return "source-single";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Pin pin : derived.pins()) {
            List<PinSource> sources = pin.row().sources();
            if (pin.isSupply() && sources.size() == 1
                    && !sources.getFirst().source().equals(PinSource.MEASURED)) {
                found.add(Finding.of(id(), Severity.NOTE, List.of(pin.terminal()), pin.words(),
                        Sources.shown(sources.getFirst().source())));
            }
        }
        return found;
    }
}
