/**
 * The stage where a finished cable is tested. Tests by danger, the verdict with what it does not exclude, the
 * story of a fault. A unit is recorded in the logbook.
 */
package wegweiser.app.prove;
