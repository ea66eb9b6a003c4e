package brachion.core.quantity;

/**
 * What a bench can physically be asked to do. Values outside are refused at the door, with the bound in the message.
 * The limits are round numbers chosen by us, wider than any workshop the trade describes.
 */
public enum PhysicalBound {
    /** Thickness of the piece bent at once. */
    THICKNESS_MM("Thickness", 0.3, 100, "mm"),
    /** Width of the piece. */
    WIDTH_MM("Width", 1, 1500, "mm"),
    /** Inner radius of the bend. */
    INNER_RADIUS_MM("Inner radius", 5, 20_000, "mm"),
    /** Angle through which the piece is bent. */
    ANGLE_DEGREES("Bend angle", 1, 720, "°"),
    /** Moisture content, oven-dry basis. */
    MOISTURE_PERCENT("Moisture", 0, 200, "%"),
    /** Temperature of the steam chamber. */
    CHAMBER_C("Chamber temperature", 20, 130, "°C"),
    /** Time in steam. */
    STEAM_MINUTES("Steaming time", 1, 1440, "min"),
    /** Time under water before steaming. */
    SOAK_HOURS("Soak", 0, 1000, "h"),
    /** From the chamber to fully clamped. */
    CARRY_SECONDS("Carry", 0, 900, "s"),
    /** Time clamped to the form. */
    FORM_HOURS("Time on the form", 0.05, 2000, "h"),
    /** Time on the drying rack. */
    RACK_DAYS("Time on the rack", 0.1, 400, "days"),
    /** Temperature of the shop. */
    SHOP_C("Shop temperature", -20, 50, "°C"),
    /** Relative humidity of the shop. */
    HUMIDITY_PERCENT("Shop humidity", 5, 95, "%"),
    /** Mass of a piece. */
    MASS_G("Mass", 1, 200_000, "g"),
    /** Slope of grain as the run for a rise of one. */
    GRAIN_RUN("Slope of grain, 1 in", 2, 1000, ""),
    /** Thickness of a strap. */
    STRAP_THICKNESS_MM("Strap thickness", 0.1, 12, "mm"),
    /** Slack between the ends of the piece and the stops of the strap. */
    STRAP_END_GAP_MM("Gap at the stops", 0, 100, "mm"),
    /** Plies in a lamination. */
    PLIES("Plies", 2, 200, "");

    private final String label;
    private final double lowest;
    private final double highest;
    private final String unit;

    PhysicalBound(String label, double lowest, double highest, String unit) {
        this.label = label;
        this.lowest = lowest;
        this.highest = highest;
        this.unit = unit;
    }

    /** The smallest value accepted, in the unit of the name. */
    public double lowest() {
        return lowest;
    }

    /** The largest value accepted, in the unit of the name. */
    public double highest() {
        return highest;
    }

    /** The unit as written, or an empty text. */
    public String unit() {
        return unit;
    }

    /** Whether the value lies within the bound, limits included. Not-a-number does not. */
    public boolean holds(double value) {
        return value >= lowest && value <= highest;
    }

    /** What is accepted, as a plain sentence. */
    public String sentence() {
        String suffix = unit.isEmpty() ? "" : " " + unit;
        return label + " must be between " + plain(lowest) + " and " + plain(highest) + suffix;
    }

    /**
     * The value itself.
     *
     * @throws IllegalArgumentException when it lies outside, naming value and bound
     */
    public double require(double value) {
        if (!holds(value)) {
            throw new IllegalArgumentException(sentence() + ", not " + value);
        }
        return value;
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
