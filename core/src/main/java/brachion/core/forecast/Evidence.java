package brachion.core.forecast;

import java.util.List;

/**
 * What a forecast rests on.
 *
 * @param trialsOfMethod how many trials of this method the fit used
 * @param trialsNear     how many of them asked of every face what this bend asks, within a factor of 1.35
 * @param beyondRecords  whether this bend asks more than 1.1 times what any recorded trial of the method asked, in the
 *                       mode that limits it
 * @param guesses        how much of the doubt comes from what nobody knows of the shop's heat, water and straps, 0 to 1
 * @param nearest        the records most like it, nearest first
 */
public record Evidence(int trialsOfMethod, int trialsNear, boolean beyondRecords, double guesses,
                       List<NearRecord> nearest) {
}
