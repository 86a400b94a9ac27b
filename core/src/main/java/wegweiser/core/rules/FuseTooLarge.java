package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;

/** A fuse that lets through more than the thinnest conductor behind it carries: the wire burns before it blows. */
final class FuseTooLarge implements Rule {
    @Override
    public String id() {
        return "fuse-too-large";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return FuseWays.of(derived).fitted().stream()
                .filter(f -> f.carried().isPresent() && f.amps() > f.carried().getAsDouble() + 1e-9)
                .map(f -> f.finding(id(), Severity.ERROR, f.carried().getAsDouble())).toList();
    }
}
