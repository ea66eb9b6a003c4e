/** Sheets of paper for the bench: words and line drawings in one look, as PDF. */
package brachion.server.paper;
