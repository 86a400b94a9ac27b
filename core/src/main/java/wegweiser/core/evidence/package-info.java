/**
 * What readings prove, and what they do not. Joins and separations keep the readings behind them, parts are
 * found as a network, contradictions as smallest sets. {@code Proof} is the one definition of proved.
 */
package wegweiser.core.evidence;
