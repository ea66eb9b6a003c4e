/**
 * What the person asked: will this piece bend? A recipe and the fitted risk come in; odds with their range, what
 * limits the bend and what the answer rests on go out.
 */
package brachion.core.forecast;
