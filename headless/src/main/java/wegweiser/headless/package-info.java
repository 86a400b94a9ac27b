/**
 * What tests and measurements of the window need where there is no display. Nothing of the program depends on it. It changes the
 * toolkit in the running process only.
 */
package wegweiser.headless;
