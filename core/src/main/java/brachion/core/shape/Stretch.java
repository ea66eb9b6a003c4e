package brachion.core.shape;

import brachion.core.quantity.PhysicalBound;

/** A part of a chain: a straight, or an arc. */
public sealed interface Stretch {

    /** The run along the middle of a piece so thick [mm]. */
    Run alongMiddle(double thicknessMm);

    /**
     * Straight on.
     *
     * @param lengthMm for so long [mm]
     */
    record Straight(double lengthMm) implements Stretch {

        /** Refuses what is no straight. */
        public Straight {
            PhysicalBound.STRAIGHT_MM.require(lengthMm);
        }

        @Override
        public Run alongMiddle(double thicknessMm) {
            return new Run(lengthMm, 0);
        }
    }

    /**
     * Round a curve.
     *
     * @param innerRadiusMm radius of the face that is squeezed [mm]
     * @param angleDegrees  how far [°]
     * @param turn          to which side
     */
    record Arc(double innerRadiusMm, double angleDegrees, Turn turn) implements Stretch {

        /** Refuses curves no bench has seen. */
        public Arc {
            PhysicalBound.ARC_RADIUS_MM.require(innerRadiusMm);
            PhysicalBound.ARC_DEGREES.require(angleDegrees);
        }

        @Override
        public Run alongMiddle(double thicknessMm) {
            double middle = innerRadiusMm + thicknessMm / 2;
            return new Run(Math.toRadians(angleDegrees) * middle, turn.sign() / middle);
        }

        /** The same arc on a form of another inner radius [mm]: the wood is as long along its middle, so it is bent further round. */
        public Arc onForm(double formRadiusMm, double thicknessMm) {
            double longer = (innerRadiusMm + thicknessMm / 2) / (formRadiusMm + thicknessMm / 2);
            return new Arc(PhysicalBound.ARC_RADIUS_MM.nearest(formRadiusMm), PhysicalBound.ARC_DEGREES.nearest(angleDegrees * longer), turn);
        }
    }
}
