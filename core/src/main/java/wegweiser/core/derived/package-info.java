/**
 * Everything that follows from a job, each part computed once, when it is first asked for. Whoever needs
 * evidence, nets or findings takes them from here. Packages above keep their own parts in it under a key.
 */
package wegweiser.core.derived;
