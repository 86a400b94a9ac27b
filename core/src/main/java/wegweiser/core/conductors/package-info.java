/**
 * Which conductor of a cable carries what, and why: what connectors dictate, pairs, habits of the trade, what is told apart.
 * Knows plans and rules, not how a plan comes about. Also which cable suits a plan, and colours for many devices on one bundle.
 */
package wegweiser.core.conductors;
