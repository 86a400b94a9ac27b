/**
 * The folder a person works in, and what the program remembers there. Settings are kept as properties. Where the
 * folder lies is found from the environment.
 */
package wegweiser.files.workshop;
