/**
 * What is measured about speed and memory. Microbenchmarks, and empty programs to compare a start with. Nothing
 * here is tested or shipped.
 */
package wegweiser.benchmarks;
