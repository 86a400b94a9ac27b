/**
 * Writing that keeps the old file until the new one is whole, taking turns at a file, and errors that name place
 * and reason. Links, modes and owners of files stay. Nothing here knows what a file contains.
 */
package wegweiser.files.io;
