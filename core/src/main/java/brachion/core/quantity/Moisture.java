package brachion.core.quantity;

/**
 * Moisture content of wood on the oven-dry basis.
 *
 * @param percent mass of water over oven-dry mass of wood, in per cent; zero or more
 */
public record Moisture(double percent) {

    /** Refuses negative moisture. */
    public Moisture {
        if (!(percent >= 0) || Double.isInfinite(percent)) {
            throw new IllegalArgumentException("Moisture content must be zero or more per cent, not " + percent);
        }
    }

    /**
     * Moisture content from weighing: MC % = (wet − dry)/dry × 100 (common practice; the definition of moisture
     * content in USDA Forest Service, Wood Handbook FPL-GTR-282, ch. 4).
     *
     * @param wetMass     mass as it is, any unit
     * @param ovenDryMass mass after oven drying, in the same unit
     */
    public static Moisture fromMasses(double wetMass, double ovenDryMass) {
        if (!(ovenDryMass > 0) || !(wetMass >= ovenDryMass)) {
            throw new IllegalArgumentException(
                    "The piece cannot weigh less than when oven dry: " + wetMass + " against " + ovenDryMass);
        }
        return new Moisture((wetMass - ovenDryMass) / ovenDryMass * 100);
    }

    /** Mass of the wood alone in a mass so wet, in the same unit: mass/(1 + MC/100), by the same definition. */
    public double ovenDryMass(double wetMass) {
        return wetMass / (1 + percent / 100);
    }

    /**
     * Reads {@code 12}, {@code 12 %} or {@code 12,5%}.
     *
     * @throws UnreadableQuantityException when the text is no moisture content
     */
    public static Moisture parse(String text) {
        return new Moisture(NumberReading.MOISTURE.read(text));
    }
}
