package brachion.core.bending;

/**
 * The outline of a section: how wide the piece is at each height, as a share of its full width. Rods and half-rounds are
 * circles and ellipses as high as the piece is thick.
 */
public enum Outline {
    /** A plank, strip or ply. */
    RECTANGLE {
        @Override
        public double share(double height) {
            return 1;
        }
    },
    /** A rod, or an oval where width and thickness differ. */
    ROUND {
        @Override
        public double share(double height) {
            return arc(2 * height - 1);
        }
    },
    /** Half of a round, its flat against the form. */
    HALF_ROUND_FLAT_INSIDE {
        @Override
        public double share(double height) {
            return arc(height);
        }
    },
    /** Half of a round, its flat on the outer face. */
    HALF_ROUND_FLAT_OUTSIDE {
        @Override
        public double share(double height) {
            return arc(1 - height);
        }
    };

    private static final int SLICES = 2000;

    /** Width at a height over the full width; the height as a share of the thickness from the inner face. */
    public abstract double share(double height);

    private static double arc(double fromMiddle) {
        return Math.sqrt(Math.max(0, 1 - fromMiddle * fromMiddle));
    }

    /**
     * Width of a rectangle as thick that has as much wood for its surface, so that heat and water go in and out as fast [mm]: of a
     * round its own width, because a circle and its square both have a quarter of their width; of a half-round its area over its
     * thickness, π/4 of its width.
     */
    public double heatedWidthMm(double widthMm) {
        return switch (this) {
            case RECTANGLE, ROUND -> widthMm;
            case HALF_ROUND_FLAT_INSIDE, HALF_ROUND_FLAT_OUTSIDE -> widthMm * Math.PI / 4;
        };
    }

    /** Area over that of the rectangle round it: π/4 of all that is round. */
    public double areaShare() {
        return this == RECTANGLE ? 1 : Math.PI / 4;
    }

    /** Height of the centroid as a share of the thickness; of a half-round 4/3π from its flat. */
    public double centroid() {
        return switch (this) {
            case RECTANGLE, ROUND -> 0.5;
            case HALF_ROUND_FLAT_INSIDE -> 4 / (3 * Math.PI);
            case HALF_ROUND_FLAT_OUTSIDE -> 1 - 4 / (3 * Math.PI);
        };
    }

    /** Second moment about the centroid over that of the rectangle round it, which is 1/12 of width times thickness cubed. */
    public double inertiaShare() {
        return this == RECTANGLE ? 1 : INERTIA[ordinal()];
    }

    private static final double[] INERTIA = new double[values().length];

    static {
        for (Outline outline : values()) {
            double second = 0;
            for (int slice = 0; slice < SLICES; slice++) {
                double height = (slice + 0.5) / SLICES;
                second += outline.share(height) * Math.pow(height - outline.centroid(), 2) / SLICES;
            }
            INERTIA[outline.ordinal()] = 12 * second;
        }
    }
}
