/**
 * The ways to bend. A recipe (blank, bend, method with its settings) comes in; what it asks of each face of the wood
 * goes out.
 */
package brachion.core.method;
