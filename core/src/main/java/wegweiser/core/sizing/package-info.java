/**
 * What length and gauge do to a planned cable. Each thing that is worked out has a number, its limit, the formula with where
 * it is from, and what would keep within the limit. The same lines answer for a length or a gauge that is only tried.
 */
package wegweiser.core.sizing;
