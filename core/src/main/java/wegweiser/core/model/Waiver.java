package wegweiser.core.model;

import java.util.List;

/** A person's written reason for letting a finding stand. */
public record Waiver(String rule, List<Terminal> terminals, String reason, Extra extra) {
    public Waiver {
        terminals = List.copyOf(terminals);
    }

    public Waiver(String rule, List<Terminal> terminals, String reason) {
        this(rule, terminals, reason, Extra.NONE);
    }
}
