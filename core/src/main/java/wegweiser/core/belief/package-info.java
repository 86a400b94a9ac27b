/**
 * How likely each wiring is after some readings. Hypotheses are named wirings, the plan and their usual
 * mistakes; random matchings stand for all the rest. Belief never proves anything.
 */
package wegweiser.core.belief;
