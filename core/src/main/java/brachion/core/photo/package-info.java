/**
 * Measuring on a photograph. Places pointed at, in pixels of the picture, and how well they were pointed at come in; radius, slope of
 * grain and distances with their uncertainty go out. A picture is taken as seen square on: what leans away from the camera by some
 * angle is shortened by its cosine.
 */
package brachion.core.photo;
