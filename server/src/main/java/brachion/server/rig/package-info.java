/** The shop's steam rig: kept, and appraised with a load in it. */
package brachion.server.rig;
