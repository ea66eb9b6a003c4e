package brachion.core.forecast;

import java.util.List;

/**
 * What a forecast rests on.
 *
 * @param trialsOfFamily how many trials the fit used, of all the ways of bending that inform each other
 * @param trialsThisWay  how many of them were bent this way
 * @param trialsNear     how many of them asked of every face what this bend asks, within a factor of 1.35
 * @param ofOtherShops   how many of all these, and of those near, are records of other shops
 * @param beyondRecords  whether this bend asks more than 1.1 times what any recorded trial of the family asked, in the
 *                       mode that limits it
 * @param guesses        how much of the doubt comes from what nobody knows of the shop's heat, water and straps, 0 to 1
 * @param nearest        the records most like it, nearest first
 */
public record Evidence(int trialsOfFamily, int trialsThisWay, int trialsNear, OfOtherShops ofOtherShops, boolean beyondRecords, double guesses,
                       List<NearRecord> nearest) {

    /**
     * Records of other shops.
     *
     * @param ofFamily among the trials the fit used
     * @param near     among those that asked about as much
     */
    public record OfOtherShops(int ofFamily, int near) {
    }
}
