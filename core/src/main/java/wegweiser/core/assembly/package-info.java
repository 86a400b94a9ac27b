/**
 * The cable as it is built: not which contacts are joined, but which wire lies where, what stays as it is, what lies side by
 * side. Nets say who is joined to whom; steps, parts, lengths, rules and tests ask here what hands hold. Everything is
 * derived from the job once.
 */
package wegweiser.core.assembly;
