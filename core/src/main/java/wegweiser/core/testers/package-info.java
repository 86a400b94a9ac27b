/**
 * Ways to look at a cable without a meter. A tester that lights lamps in order, and loose leads told apart by
 * how a device reacts. Both end as readings.
 */
package wegweiser.core.testers;
