/**
 * Which terminals copper joins: nets, wirings between two ends, named wirings, chains of cables. Wirings compose
 * and invert, and a mistake at one end is a change of its contacts. Partitions are given as the smallest number
 * of each class.
 */
package wegweiser.core.wiring;
