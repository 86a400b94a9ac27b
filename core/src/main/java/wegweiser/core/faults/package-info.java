/** What goes wrong with a cable at the bench: where, how likely, and what the cable then is. */
package wegweiser.core.faults;
