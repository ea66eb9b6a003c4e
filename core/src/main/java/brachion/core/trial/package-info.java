/** The record of a bend: what was done, how it ended and what was seen. Comes from the bench, goes into the fit. */
package brachion.core.trial;
