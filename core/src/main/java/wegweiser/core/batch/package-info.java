/**
 * Several cables of one kind, as a workshop makes them in one go. From which pieces they are cut is an integer programme; in
 * which order one pair of hands builds them is a schedule with waits that need no hands. Both know how far they may be from
 * the best there is.
 */
package wegweiser.core.batch;
