/**
 * What every stage shares: the session with its one truth, the choices, work in the background, the dock's work.
 * {@code Session} holds the newest job, what is on the disk, and history. A stage is asked to show a job and
 * does so alone.
 */
package wegweiser.app.stage;
