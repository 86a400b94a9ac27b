/**
 * The demo workshop, of a made-up volunteer observatory. Its jobs come with hidden cables, so that everything
 * can be tried without a meter. Nothing here is needed for real work.
 */
package wegweiser.app.demo;
