/**
 * The job and everything a person enters: ends, pinouts, links, touches, readings, as immutable values. An edit
 * is a function from job to job; {@code History} keeps the earlier ones. Nothing here is computed from anything
 * else, and nothing here knows a file.
 */
package wegweiser.core.model;
