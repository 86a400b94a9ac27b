package wegweiser.core.model;

import java.util.List;
import java.util.Map;

/** A person's written reason for letting a finding stand. */
public record Waiver(String rule, List<Terminal> terminals, String reason, Map<String, Object> extra) {
    public Waiver {
        terminals = List.copyOf(terminals);
        extra = Extra.kept(extra);
    }

    public Waiver(String rule, List<Terminal> terminals, String reason) {
        this(rule, terminals, reason, Extra.NONE);
    }
}
