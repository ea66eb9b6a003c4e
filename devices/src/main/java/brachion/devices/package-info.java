/**
 * Stand-ins for the instruments of a shop. Each speaks the same HTTP call as a real one would, with its own token, and has the faults
 * of a real one: it is noisy, it drifts, and at times its line is down and it sends late.
 */
package brachion.devices;
