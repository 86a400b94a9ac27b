/**
 * A walk through the demo by the same doors a person uses, and pictures of it. The pictures of the documentation
 * come from here. It is started by a command of its own.
 */
package wegweiser.app.tour;
