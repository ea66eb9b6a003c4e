/** The door: security headers, cross-site protection and the page itself. */
package brachion.server.shell;
