/**
 * What the records say. Trials (recipe and outcome) come in; for each method and failure mode the fitted chance of
 * each severity goes out, with its uncertainty.
 */
package brachion.core.risk;
