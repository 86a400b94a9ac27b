package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;

/** A fuse that blows at what the loads behind it take. */
final class FuseTooSmall implements Rule {
    @Override
    public String id() {
        return "fuse-too-small";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return FuseWays.of(derived).fitted().stream()
                .filter(f -> f.load().isPresent() && f.amps() < f.load().getAsDouble() - 1e-9)
                .map(f -> f.finding(id(), Severity.WARNING, f.load().getAsDouble())).toList();
    }
}
