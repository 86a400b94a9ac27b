/**
 * Cables that are built again and again: for each its ends, the usual wiring, what goes wrong with it and what to ask first.
 * They come from a table of the program. What one becomes is a job like any other.
 */
package wegweiser.core.usual;
