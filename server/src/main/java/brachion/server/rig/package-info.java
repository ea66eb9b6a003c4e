/** The shop's steam rig: kept, and appraised with a load in it; and the things pieces are made with (forms, straps, clamps, glues, troughs, drying places). */
package brachion.server.rig;
