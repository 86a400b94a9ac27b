package wegweiser.core.rules;

import wegweiser.core.model.HasId;

/** How bad a finding is. Errors keep a cable from being marked ready. */
public enum Severity implements HasId {
    ERROR,
    WARNING,
    NOTE;
}
