/** How the server says no: every refusal is an RFC 9457 problem with the field at fault and what would be accepted. */
package brachion.server.problem;
