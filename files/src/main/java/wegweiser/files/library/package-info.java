/**
 * The files a person adds to the tables: pinouts, wirings, cables. A file with an error is told by name and the
 * others are read. Pinouts come from CSV as well.
 */
package wegweiser.files.library;
