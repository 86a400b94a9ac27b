/**
 * A plug with a resistor behind each contact, by which one reading names the contact. Values are chosen so that
 * no two contacts or pairs read alike; what a value says is believed and never proved. The work with it, from
 * building to settling doubts, is here as well.
 */
package wegweiser.core.ladder;
