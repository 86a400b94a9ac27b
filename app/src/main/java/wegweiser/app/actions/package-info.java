/**
 * What can be done, each thing once: its words, its keys, when it can be done and what it does. The window, the stages and
 * the docks give lists of them, from which keys, finder, help, the caps on buttons and the table in the README are made. It
 * knows no screen.
 */
package wegweiser.app.actions;
