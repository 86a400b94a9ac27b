/**
 * The program's own tables: pinouts, wirings, cables, spellings, weights. This is the only package of the core
 * that reads anything, and it reads resources of the program itself. Everybody else sees values.
 */
package wegweiser.core.data;
