/**
 * Connectors, built by rule from their id, with their contacts in millimetres. What mates with what, which
 * contacts are neighbours, and how a connector is found by words. Cables, colour codes and named pinouts are
 * here too.
 */
package wegweiser.core.catalog;
