/**
 * Controls that know no stage: pegboard, faces, dock, meter display, and how they look at a job. A control shows
 * a model and tells what was done to it. Looks are in the stylesheet.
 */
package wegweiser.app.controls;
