/** What heat and water do to a piece on its way from the soak to the rack. */
package brachion.server.process;
