/**
 * Whether a finished cable is what was planned. The tests in order of danger, the verdict with what it cannot
 * exclude, the likeliest fault and its cheapest repair. A verdict needs every reading to fit the plan.
 */
package wegweiser.core.prove;
