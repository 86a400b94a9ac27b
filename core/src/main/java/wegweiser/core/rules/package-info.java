/**
 * What is wrong or dangerous about a plan: one class a rule. A finding names its places and may bring a remedy,
 * which is an edit. {@code Rules} runs them all over what {@code Derived} holds.
 */
package wegweiser.core.rules;
