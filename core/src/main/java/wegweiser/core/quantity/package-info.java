/**
 * Numbers with a unit, as people type them and as the program shows them. Comma and point, prefixes, {@code 4k7}
 * and over range are read in one place. What may mean two things is refused.
 */
package wegweiser.core.quantity;
