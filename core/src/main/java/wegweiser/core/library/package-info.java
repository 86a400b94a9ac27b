/**
 * What a person adds to the program's tables. Own pinouts, wirings and cables stand beside those that come with
 * the program and are found first. Where they are kept is no concern of this package.
 */
package wegweiser.core.library;
