/**
 * The stage where ports are described: connectors, pinouts, sources. Pinouts are typed, pasted or measured. It
 * also redoes what a connector of one's own looks like.
 */
package wegweiser.app.ends;
