/**
 * Meters, real and simulated, and the cables and ports that a simulated meter touches. A simulated meter has the
 * accuracy and the ranges of a real one. A job may carry a hidden cable, so that the work can be tried without
 * one.
 */
package wegweiser.instruments;
