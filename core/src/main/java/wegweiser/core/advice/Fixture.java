package wegweiser.core.advice;

import wegweiser.core.model.HasId;

/** What the person has at hand to touch contacts with. */
public enum Fixture implements HasId {
    /** Two probes. */
    PROBES,
    /** One probe, and a clip lead that stays where it is. */
    CLIP,
    /** Contacts can be ganged on either side. */
    COMB;

    public boolean canGang() {
        return this == COMB;
    }
}
