/**
 * The job file: reading, writing, and changes that are applied to what is on the disk. What is written is parsed
 * back before it replaces anything. Members that this version does not know are kept.
 */
package wegweiser.files.job;
