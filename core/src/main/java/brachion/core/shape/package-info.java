/**
 * Curves in a plane. A chain of straights and arcs, points, or a line drawn elsewhere comes in; how the piece lies, its faces, its
 * bends with the tightest place of each, and the line to be drawn go out. Lengths are in mm, x to the right and y up; headings in
 * radians from the right towards up; a curvature is above zero where the line turns to its left.
 */
package brachion.core.shape;
