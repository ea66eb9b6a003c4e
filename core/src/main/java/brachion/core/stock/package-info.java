/**
 * Boards and the blanks cut from them. A board with what is marked on it and a recipe come in; what a blank has in its bend, where
 * blanks lie best, what is left of the board and how wet it is go out. Odds are handed in as a function. Places count from the
 * board's left end and its lower edge, in mm; the grain runs along the board.
 */
package brachion.core.stock;
