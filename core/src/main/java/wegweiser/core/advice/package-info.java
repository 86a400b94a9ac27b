/**
 * Which touch to make next, why, and what it costs. {@code Advisor} asks what tells most per second while the
 * wiring is open, and what proves most once it is believed. {@code Tracer} follows it to the end against any
 * meter.
 */
package wegweiser.core.advice;
