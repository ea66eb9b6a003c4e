package brachion.core.process;

/** What a face exchanges with what lies against it. */
enum Exchange {
    /** Heat; values are temperatures [°C]. */
    HEAT {
        @Override
        double film(Surface face, double value) {
            return face.heatTransfer();
        }

        @Override
        double medium(Surface face) {
            return face.mediumC();
        }
    },
    /** Bound water; values are moisture contents [%]. */
    WATER {
        @Override
        double film(Surface face, double value) {
            return face.massTransferAt(value);
        }

        @Override
        double medium(Surface face) {
            return face.towardsPercent();
        }
    };

    /** Transfer coefficient of a face beside a cell of a given value. */
    abstract double film(Surface face, double value);

    /** The value the face tends to. */
    abstract double medium(Surface face);
}
