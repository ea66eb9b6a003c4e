/** The species catalogue, for choosing. */
package brachion.server.species;
