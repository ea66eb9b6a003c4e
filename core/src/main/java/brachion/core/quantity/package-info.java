/**
 * Measurements as a maker writes them: text comes in, SI values go out, and back again.
 * Everything behind this package works in millimetres, degrees Celsius and per cent moisture.
 */
package brachion.core.quantity;
