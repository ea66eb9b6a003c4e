/** The woods: the published species, and those of the shop's own. */
package brachion.server.species;
