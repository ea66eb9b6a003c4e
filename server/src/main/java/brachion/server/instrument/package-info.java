/**
 * Instruments of the shop. A thermometer in the chamber sends what it reads, with a token of its own; late and doubled readings fall
 * into their place, nonsense is refused, and what is older than a day is thinned to the curve it makes.
 */
package brachion.server.instrument;
