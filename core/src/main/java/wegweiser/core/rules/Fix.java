package wegweiser.core.rules;

import java.util.function.UnaryOperator;
import wegweiser.core.model.Job;

/** A remedy that one click applies. */
public record Fix(String label, UnaryOperator<Job> edit) {}
