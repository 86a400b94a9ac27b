/** Several cables of one kind: from which pieces they are cut, and in which order one pair of hands builds them. */
package wegweiser.core.batch;
