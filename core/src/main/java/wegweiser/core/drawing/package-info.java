/**
 * A connector's face as shapes in millimetres. The same drawing goes to the screen, to SVG and to paper. Colours
 * are names of meanings; whoever draws gives them a colour.
 */
package wegweiser.core.drawing;
