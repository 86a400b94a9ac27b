package wegweiser.core.advice;

import wegweiser.core.model.Mode;
import wegweiser.core.model.Touch;

/** A touch that one of the advisor's steps wants made, and why, in one sentence. */
record Ask(Touch touch, Mode mode, Proposal.Purpose purpose, String why) {}
