/**
 * The page of the logbook. Units are found by typing. A way between two ports is searched among the cables in
 * the box.
 */
package wegweiser.app.log;
