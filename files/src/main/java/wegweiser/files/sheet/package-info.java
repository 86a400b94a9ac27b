/**
 * The build and proof sheet as PDF, HTML, text, Markdown and CSV. {@code SheetContent} says once what stands on
 * it; each form only lays it out. Names from the job never become markup.
 */
package wegweiser.files.sheet;
