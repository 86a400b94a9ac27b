package wegweiser.core.rules;

import java.util.List;
import java.util.function.UnaryOperator;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;

/** A remedy that one click applies. */
public record Fix(String label, UnaryOperator<Job> edit) {
    /** Some remedies as one, applied in their order; at least one. */
    static Fix all(List<Fix> fixes) {
        return new Fix(Words.list(fixes.stream().map(Fix::label).toList()), job -> {
            Job mended = job;
            for (Fix fix : fixes) {
                mended = fix.edit().apply(mended);
            }
            return mended;
        });
    }
}
