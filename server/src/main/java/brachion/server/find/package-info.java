/** Finds records by what stands in them: by words, by every fact they have, counted by one or two facts; views of them are kept. */
package brachion.server.find;
