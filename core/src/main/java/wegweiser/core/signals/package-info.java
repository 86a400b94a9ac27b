/**
 * Signal names as people write them, and what they mean. Directions are filled in from names; levels say which
 * lines may meet. A name that may mean two things is said to be ambiguous.
 */
package wegweiser.core.signals;
