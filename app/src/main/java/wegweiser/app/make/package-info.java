/**
 * The stage where the cable is built. Cable, lengths, cut list, and the steps one at a time. A step that is done
 * stays done.
 */
package wegweiser.app.make;
