/**
 * The sentences that the core speaks, from one bundle. Numbers, lists and counts are put into words here.
 * Letters that cannot be shown are told.
 */
package wegweiser.core.words;
