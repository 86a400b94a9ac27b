/**
 * Formulas: resistance of copper, networks of resistors, length against rate, what a cable as drawn shows at a
 * touch. Units stand in the names, sources beside the formulas. It knows nets and parts, but no plan and no
 * meter.
 */
package wegweiser.core.electrical;
