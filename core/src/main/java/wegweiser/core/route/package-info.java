/**
 * How two ports must be joined: what their pins are to each other, the schemes to choose from, which conductor
 * carries what. Every proposal says why. Nothing is applied that was not chosen.
 */
package wegweiser.core.route;
