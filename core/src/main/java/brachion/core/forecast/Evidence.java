package brachion.core.forecast;

/**
 * What a forecast rests on.
 *
 * @param trialsOfMethod how many trials of this method the fit used
 * @param trialsNear     how many of them asked of both faces what this bend asks, within a factor of 1.35
 * @param beyondRecords  whether this bend asks more than 1.1 times what any recorded trial of the method asked, in the
 *                       mode that limits it
 */
public record Evidence(int trialsOfMethod, int trialsNear, boolean beyondRecords) {
}
