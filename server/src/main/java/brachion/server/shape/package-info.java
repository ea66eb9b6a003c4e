/**
 * Curves of straights and arcs: forecast as a whole, read from drawings and from points, the forms they are bent on, and patterns at
 * full size as SVG, DXF and PDF.
 */
package brachion.server.shape;
