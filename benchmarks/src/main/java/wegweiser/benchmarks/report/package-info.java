/**
 * How many touches and seconds tracing takes, over seeded mixes of cables. Floors and plain sweeps stand beside
 * each figure. Anyone can run it again.
 */
package wegweiser.benchmarks.report;
