package brachion.core.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import java.util.ArrayList;
import java.util.List;

/** Curves everybody knows by name, to start from and then adjust. Their proportions are chosen by us. */
public enum Familiar {
    /** One bend with straight ends. */
    SINGLE {
        @Override
        List<Stretch> stretches(double radius, double angle, double end) {
            return List.of(new Straight(end), new Arc(radius, angle, Turn.LEFT), new Straight(end));
        }
    },
    /** Two bends one against the other, half a radius of straight wood between them. */
    S {
        @Override
        public double usualDegrees(double wanted) {
            return Math.min(wanted, 90);
        }

        @Override
        List<Stretch> stretches(double radius, double angle, double end) {
            return List.of(new Straight(end), new Arc(radius, angle, Turn.LEFT), new Straight(end), new Arc(radius, angle, Turn.RIGHT), new Straight(end));
        }
    },
    /** Two quarter turns with a straight between them. */
    U {
        @Override
        List<Stretch> stretches(double radius, double angle, double end) {
            return List.of(new Straight(end), new Arc(radius, 90, Turn.LEFT), new Straight(radius), new Arc(radius, 90, Turn.LEFT), new Straight(end));
        }
    },
    /** All the way round. */
    HOOP {
        @Override
        List<Stretch> stretches(double radius, double angle, double end) {
            return List.of(new Arc(radius, 360, Turn.LEFT));
        }
    },
    /** Ever wider: eighth turns, each by an eighth of the first radius wider than the one before, so far round as wanted. */
    SPIRAL {
        @Override
        public double usualDegrees(double wanted) {
            return Math.max(wanted, 450);
        }

        @Override
        List<Stretch> stretches(double radius, double angle, double end) {
            List<Stretch> arcs = new ArrayList<>();
            double wide = radius;
            for (double left = angle; left > 1e-9; left -= EIGHTH) {
                arcs.add(new Arc(PhysicalBound.ARC_RADIUS_MM.nearest(wide), Math.min(left, EIGHTH), Turn.LEFT));
                wide += radius * WIDER;
            }
            arcs.add(new Straight(end));
            return arcs;
        }
    };

    private static final double EIGHTH = 45;
    private static final double WIDER = 1 / 8.0;
    /** Straight wood at an end, and between the bends of an S, as a share of the radius. */
    private static final double END = 0.5;

    /** How far round to begin with, where a bend goes round so far [°]: an S no further than a quarter, a spiral more than all round. */
    public double usualDegrees(double wanted) {
        return wanted;
    }

    abstract List<Stretch> stretches(double radius, double angle, double end);

    /**
     * The chain to start from.
     *
     * @param innerRadiusMm its tightest inner radius [mm]
     * @param angleDegrees  how far each bend goes round [°], where that is not given by its name
     */
    public Chain chain(double innerRadiusMm, double angleDegrees) {
        return new Chain(stretches(innerRadiusMm, PhysicalBound.ARC_DEGREES.require(angleDegrees), PhysicalBound.STRAIGHT_MM.nearest(END * innerRadiusMm)));
    }
}
