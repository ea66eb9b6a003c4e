/** Trials in and out as files: open tables with named units, and the rows that could not be read, kept until mended. */
package brachion.server.exchange;
