/**
 * The sentences of the window and the commands, from one bundle. Everything that a person reads there has a key.
 * Sentences of the core come from the core's bundle.
 */
package wegweiser.app.texts;
