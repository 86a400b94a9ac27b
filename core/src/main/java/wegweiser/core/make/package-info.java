/**
 * How a planned cable is built: cut list, steps in order, parts. A step knows what must be done before it and
 * which caution belongs to it. Lengths are in millimetres.
 */
package wegweiser.core.make;
