/**
 * The window around the stages: signpost, finder, keys, jobs on the disk. It makes stages when they are first
 * wanted. What each stage has reached is told by {@code Progress}.
 */
package wegweiser.app.window;
