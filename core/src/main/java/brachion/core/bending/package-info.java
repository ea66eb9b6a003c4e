/**
 * The mechanics of one bend: how soft and wet each fibre is, how thick the piece, how tight the form and what strap
 * lies on its back come in; strains through the section, what the species can bear, and the ratio of the two go out.
 */
package brachion.core.bending;
