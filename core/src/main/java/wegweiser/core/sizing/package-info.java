/** What length and gauge do to a planned cable: each a number, its limit, the formula, and what would keep within it. */
package wegweiser.core.sizing;
