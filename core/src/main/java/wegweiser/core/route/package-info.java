/**
 * How two ports must be joined: what their pins are to each other, the schemes to choose from, what a hand changes about a
 * plan, why contacts stay open. Every proposal says why. Nothing is applied that was not chosen.
 */
package wegweiser.core.route;
