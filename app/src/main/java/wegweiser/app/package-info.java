/**
 * Where the program starts: the command line or the window. {@code WindowApp} finds the workshop and the job to
 * open. {@code SelfCheck} tries in the running window what needs a library.
 */
package wegweiser.app;
