/**
 * Readings as they are typed, pasted and kept in lists. Terminals are taken as they are written where that is
 * unambiguous. Errors name the line and the reason.
 */
package wegweiser.core.readings;
