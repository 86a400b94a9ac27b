/**
 * Commands: one class each, with a result as JSON and as lines. A command loads no class of the interface.
 * Errors are one sentence and an exit status.
 */
package wegweiser.app.cli;
