package brachion.core.stock;

import java.util.OptionalDouble;

/**
 * Something seen on a board.
 *
 * @param kind     what it is
 * @param area     where it is
 * @param grainRun slope of the grain there as the run for a rise of one, empty when nobody looked
 */
public record Mark(Kind kind, Area area, OptionalDouble grainRun) {

    /** What can be seen on a board, and what it does to a blank it lies in. Which does what is common practice. */
    public enum Kind {
        /** A knot; grain goes its own way round it. */
        KNOT(Spoils.THE_BEND),
        /** Wild, wavy or interlocked grain. */
        WILD_GRAIN(Spoils.THE_BEND),
        /** Holes of worms; a break begins there. */
        WORM(Spoils.THE_BEND),
        /** A drying crack or a shake. */
        CHECK(Spoils.THE_BLANK),
        /** Bark or a waney edge, where there is no wood. */
        BARK(Spoils.THE_BLANK),
        /** Sapwood; it bends as well. */
        SAPWOOD(Spoils.NOTHING);

        private final Spoils spoils;

        Kind(Spoils spoils) {
            this.spoils = spoils;
        }

        /** What it spoils. */
        public Spoils spoils() {
            return spoils;
        }
    }

    /** What a mark spoils. */
    public enum Spoils {
        /** Nothing. */
        NOTHING,
        /** A bend it lies in. */
        THE_BEND,
        /** A blank it lies in anywhere. */
        THE_BLANK
    }

    /** As far as it reaches: grain is disturbed along the board for as much again as a knot is long, at both sides †. */
    public Area reach() {
        double more = kind == Kind.KNOT ? area.lengthMm() : 0;
        return new Area(area.alongMm() - more, area.acrossMm(), area.lengthMm() + 2 * more, area.widthMm());
    }
}
