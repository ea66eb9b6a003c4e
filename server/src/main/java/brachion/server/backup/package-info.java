/** Everything stored, in one file: taken while the server runs, checked, and brought back into an empty shop. */
package brachion.server.backup;
