package wegweiser.core.model;

import java.util.List;

/** A person's written reason for letting a finding stand. */
public record Waiver(String rule, List<Terminal> terminals, String reason) {
    public Waiver {
        terminals = List.copyOf(terminals);
    }
}
