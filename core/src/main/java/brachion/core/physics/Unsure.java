package brachion.core.physics;

/**
 * A constant that is not known well, with one standard step of what it could be. A step goes the way that makes wood
 * harder to bend, so that "two steps" always means a shop that is worse off. The sizes are round numbers chosen by us.
 */
public enum Unsure {
    /** How fast steam heats: a step divides the heat it brings by 1.6. */
    STEAM_HEAT {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat() * Math.pow(FACTOR, -steps), from.waterUptake(), from.softeningShiftC(),
                    from.steamMoisturePercent(), from.strapShare(), from.softCrushing());
        }

        @Override
        public double value(Physics of) {
            return of.steamHeat();
        }
    },
    /** How fast water enters: a step divides the diffusion by 1.6. */
    WATER_UPTAKE {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat(), from.waterUptake() * Math.pow(FACTOR, -steps), from.softeningShiftC(),
                    from.steamMoisturePercent(), from.strapShare(), from.softCrushing());
        }

        @Override
        public double value(Physics of) {
            return of.waterUptake();
        }
    },
    /** At what heat wood softens: a step is 6 °C more. */
    SOFTENING {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat(), from.waterUptake(), from.softeningShiftC() + 6 * steps,
                    from.steamMoisturePercent(), from.strapShare(), from.softCrushing());
        }

        @Override
        public double value(Physics of) {
            return of.softeningShiftC();
        }
    },
    /** How wet steam makes a face: a step is 3 % less. */
    STEAM_MOISTURE {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat(), from.waterUptake(), from.softeningShiftC(),
                    from.steamMoisturePercent() - 3 * steps, from.strapShare(), from.softCrushing());
        }

        @Override
        public double value(Physics of) {
            return of.steamMoisturePercent();
        }
    },
    /** How much of a strap works: a step divides it by 1.4. */
    STRAP_SHARE {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat(), from.waterUptake(), from.softeningShiftC(), from.steamMoisturePercent(),
                    from.strapShare() * Math.pow(STRAP_FACTOR, -steps), from.softCrushing());
        }

        @Override
        public double value(Physics of) {
            return of.strapShare();
        }
    },
    /** How hard softened wood still is to crush: a step adds 0.05 to its share of the dry strength. */
    CRUSHING {
        @Override
        public Physics stepped(Physics from, double steps) {
            return new Physics(from.steamHeat(), from.waterUptake(), from.softeningShiftC(), from.steamMoisturePercent(),
                    from.strapShare(), from.softCrushing() + 0.05 * steps);
        }

        @Override
        public double value(Physics of) {
            return of.softCrushing();
        }
    };

    private static final double FACTOR = 1.6;
    private static final double STRAP_FACTOR = 1.4;

    /** The constants with this one moved by so many steps towards what is harder to bend. */
    public abstract Physics stepped(Physics from, double steps);

    /** The constant itself. */
    public abstract double value(Physics of);
}
