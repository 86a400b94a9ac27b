/**
 * What the contacts of an unknown port are, from what a meter shows on the running device. A belief over classes
 * of contacts, and the measurement that tells most. It also names the measurement that decides between sources
 * of a pinout.
 */
package wegweiser.core.port;
