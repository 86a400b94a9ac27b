/**
 * The logbook of units made, one database. A unit keeps its label, its job and its verdict. Several programs may
 * add at once.
 */
package wegweiser.files.log;
