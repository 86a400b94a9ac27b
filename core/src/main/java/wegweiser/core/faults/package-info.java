/**
 * What goes wrong with a cable at the bench: where, how likely, and what the cable then is. Taken from the cable as built, so
 * nothing goes wrong at an end that stays. How likely each fault still is follows from the readings.
 */
package wegweiser.core.faults;
