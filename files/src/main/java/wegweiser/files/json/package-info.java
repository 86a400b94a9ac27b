/**
 * JSON read against a schema, with the place of every error. A document gives values with their path, so that a
 * message can name the line. It knows no job.
 */
package wegweiser.files.json;
