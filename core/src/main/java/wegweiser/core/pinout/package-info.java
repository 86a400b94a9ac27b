/**
 * Pinouts from pasted text, several sources side by side, and other ways of numbering. Each row keeps the line
 * that it came from. Where sources differ, the difference is kept until a measurement settles it.
 */
package wegweiser.core.pinout;
