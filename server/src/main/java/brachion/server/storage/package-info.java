/** What everything that is stored has in common: a version against lost edits, and a way back once it is discarded. */
package brachion.server.storage;
