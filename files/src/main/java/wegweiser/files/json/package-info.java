/**
 * JSON read against a schema, with the place of every error. A document gives values with their path, so that a
 * message can name the line. One mapping turns records into JSON and back.
 */
package wegweiser.files.json;
