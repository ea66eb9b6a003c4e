/**
 * The steam rig. Chamber, generator, shop and load come in; whether it reaches and holds its heat, how long that takes,
 * how long the tank lasts, whether the stock has room, and what to change go out.
 */
package brachion.core.rig;
