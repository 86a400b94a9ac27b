/**
 * The bench, the first screen: what a person may have before them, the jobs that lie there, and cables that others build too.
 * It knows no stage; what it starts is shown by the window.
 */
package wegweiser.app.bench;
