/**
 * The stage where two ports are joined. Schemes with their reasons, findings with their remedies, conductors by
 * colour. Everything is an edit of the job.
 */
package wegweiser.app.route;
