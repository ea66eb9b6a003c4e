/**
 * What everything that is stored has in common: a version against lost edits, a way back once it is discarded, and the way
 * it leaves as a table.
 */
package brachion.server.storage;
