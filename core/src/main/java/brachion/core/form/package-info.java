/**
 * What a curved piece is bent on. The curve on the form, the size of the piece and the sheet goods at hand come in; outlines with
 * their holes, layers, how they lie on sheets and what that takes go out. Lengths are in mm.
 */
package brachion.core.form;
