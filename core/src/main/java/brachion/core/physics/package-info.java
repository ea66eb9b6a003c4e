/**
 * The constants of the computation that nobody has measured for a given shop: what they are usually taken to be, and how
 * far off that may be. They go into heat, water and strain; the learned risk finds out what a shop's own records say of
 * them.
 */
package brachion.core.physics;
