package brachion.core.process;

/**
 * One thing done to a piece for a time.
 *
 * @param kind             what is done
 * @param seconds          for how long [s], more than zero
 * @param mediumC          temperature of bath, chamber or pipe [°C]; the shop's where there is none
 * @param shopC            temperature of the shop [°C]
 * @param relativeHumidity of the shop, as a fraction
 */
public record Stage(StageKind kind, double seconds, double mediumC, double shopC, double relativeHumidity) {

    /** Temperature of an ordinary shop [°C]; common practice. */
    public static final double SHOP_C = 18;
    /** Humidity of an ordinary shop; common practice. */
    public static final double SHOP_HUMIDITY = 0.5;

    /** Refuses stages that take no time. */
    public Stage {
        if (!(seconds > 0) || Double.isInfinite(seconds)) {
            throw new IllegalArgumentException("A stage must take some time, not " + seconds + " s");
        }
    }

    /** A stage in an ordinary shop. */
    public static Stage of(StageKind kind, double seconds, double mediumC) {
        return new Stage(kind, seconds, mediumC, SHOP_C, SHOP_HUMIDITY);
    }

    /** The same stage for another time [s]. */
    public Stage lasting(double otherSeconds) {
        return new Stage(kind, otherSeconds, mediumC, shopC, relativeHumidity);
    }

    Surroundings surroundings() {
        return kind.surroundings(this);
    }
}
