/** The record of bends: log, list, correct, remove and bring back. */
package brachion.server.trial;
