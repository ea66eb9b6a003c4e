/**
 * What is known about wood as a material: species and their published properties, sorption, softening, the effect of
 * sloping grain. Species id, temperature and moisture come in; strengths, radii, softness and factors go out.
 */
package brachion.core.wood;
