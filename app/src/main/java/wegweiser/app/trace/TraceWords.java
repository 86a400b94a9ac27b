package wegweiser.app.trace;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import wegweiser.app.stage.StageId;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.WhyNot;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** The sentences of Trace: over the board, of a pair on it, and once nothing is asked for any more. */
final class TraceWords {
    private TraceWords() {}

    /** What is proved, or how far that is, or the likeliest wiring as a question; nothing while nothing is believed. */
    static String overBoard(Traced s) {
        if (s.belief().shares().isEmpty()) {
            return "";
        }
        if (s.proof().isProved()) {
            return t("trace.proved");
        }
        return s.proposal().isEmpty() && s.proof().misfits().isEmpty()
                ? t("trace.as-asked", s.proof().unproved())
                : guess(s.belief().shares().getFirst(), s.belief());
    }

    /** A wiring that is likelier than not and that no reading speaks against, as a question. */
    private static String guess(Belief.Share share, Belief belief) {
        return share.probability() > 0.5 && belief.against(share.hypothesis()).isEmpty()
                ? share.hypothesis().title() + "?"
                : "";
    }

    /** What was found, and where to go on. */
    static String done(Traced s, Goal goal) {
        if (s.isBlank()) {
            return t("trace.no-ends", StageId.ENDS.shown());
        }
        if (s.proof().isProved()) {
            return s.proof().words() + " " + t("trace.done.proved", StageId.ROUTE.shown());
        }
        if (!s.proof().misfits().isEmpty()) {
            return s.proof().words();
        }
        String found = goal == Goal.IDENTIFY ? s.said().words() : s.proof().summary();
        return identified(s) + found + " " + t(more(s, goal), StageId.ROUTE.shown());
    }

    /** What would prove the pairs that are left. */
    private static String more(Traced s, Goal goal) {
        return goal == Goal.IDENTIFY || goal != Goal.PROVE && s.proof().isRead()
                ? "trace.done.prove"
                : "trace.done.comb";
    }

    /** The wiring that it is, where it is one that is sure enough and no reading speaks against. */
    private static String identified(Traced s) {
        return s.belief().shares().stream().findFirst()
                .filter(share -> share.probability() >= 0.99
                        && s.belief().against(share.hypothesis()).isEmpty())
                .map(share -> t("trace.identified", share.hypothesis().title()) + " ").orElse("");
    }

    /** Why a pair is known or disputed, or what touching it would be worth. */
    static String ofPair(Traced now, boolean isCurrent, CostModel cost, Fixture fixture, Terminal row,
            Terminal column) {
        Evidence evidence = now.evidence();
        if (!evidence.index().contains(row) || !evidence.index().contains(column)) {
            return "";
        }
        List<Integer> proof = evidence.because(row, column);
        List<Integer> because = proof.isEmpty() ? evidence.supposed().because(row, column) : proof;
        List<Integer> disputed = proof.isEmpty() ? evidence.disputed(row, column) : List.of();
        String why = proof.isEmpty() && disputed.isEmpty() && isCurrent
                ? " " + WhyNot.words(evidence, now.belief(), now.proposal(), cost, fixture, row, column)
                : "";
        String reasons = because.isEmpty()
                ? ""
                : t(because.size() == 1 ? "trace.because" : "trace.because.several", Words.list(because));
        return reasons + why + (disputed.isEmpty() ? "" : t("trace.disputed", Words.list(disputed)));
    }
}
