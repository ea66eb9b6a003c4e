/**
 * Boards in stock: their size and what is marked on them, how wet they were, and the blanks laid on them with the odds each has at
 * its place.
 */
package brachion.server.stock;
