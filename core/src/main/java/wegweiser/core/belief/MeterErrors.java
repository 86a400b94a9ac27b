package wegweiser.core.belief;

import wegweiser.core.data.Priors;

/**
 * How often a meter says what the copper does not. A probe that does not quite touch is common, a beep where nothing is joined
 * is not; so a silence is weaker evidence than a beep, and is the one to ask for again.
 *
 * @param silence how likely two joined contacts stay silent
 * @param beep how likely two contacts beep that are apart
 */
record MeterErrors(double silence, double beep) {
    static final MeterErrors USUAL = new MeterErrors(Priors.of("meter.false-silence"),
            Priors.of("meter.false-beep"));

    /** Log of the probability of an answer where it is certain whether something is joined. */
    double log(boolean joined, boolean beeped) {
        return Math.log(joined ? beeped ? 1 - silence : silence : beeped ? beep : 1 - beep);
    }

    /** How likely an answer is wrong where something is joined with probability {@code p} as far as was known before it. */
    double doubt(double p, boolean beeped) {
        double wrong = beeped ? (1 - p) * beep : p * silence;
        return wrong / (wrong + (beeped ? p * (1 - silence) : (1 - p) * (1 - beep)));
    }

    /** Log of the probability of an answer where something is joined with probability {@code p}. */
    double log(double p, boolean beeped) {
        double beeps = p * (1 - silence) + (1 - p) * beep;
        return Math.log(beeped ? beeps : 1 - beeps);
    }
}
