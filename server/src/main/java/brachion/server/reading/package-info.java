/** Reads measurements as a maker types them, so that the notation is known in one place. */
package brachion.server.reading;
