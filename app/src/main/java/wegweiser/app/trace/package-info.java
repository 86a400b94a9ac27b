/**
 * The stage where an unknown cable is traced. It shows what readings prove and asks for the next touch. Ladder,
 * lamps, loose leads and lists have panels here.
 */
package wegweiser.app.trace;
