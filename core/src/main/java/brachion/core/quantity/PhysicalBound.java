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
    /** Straight edge across a curve. */
    CHORD_MM("Chord", 5, 20_000, "mm"),
    /** How far a curve stands off a straight edge. */
    RISE_MM("Rise", 0.2, 20_000, "mm"),
    /** How far the ends of a curve stand off its pattern. */
    GAP_MM("Gap", 0, 2000, "mm"),
    /** Twist of a bent piece from end to end. */
    TWIST_DEGREES("Twist", 0, 180, "°"),
    /** Angle through which the piece is bent. */
    ANGLE_DEGREES("Bend angle", 1, 720, "°"),
    /** Inner radius of one arc of a chain; flatter than any bend where a fitted line is nearly straight. */
    ARC_RADIUS_MM("Inner radius", 5, 1_000_000, "mm"),
    /** One arc of a chain; a line fitted to points is made of many small ones. */
    ARC_DEGREES("Angle", 0.001, 1440, "°"),
    /** One straight of a chain. */
    STRAIGHT_MM("Straight", 0.001, 15_000, "mm"),
    /** Left over at an end of a curve to be held by and cut off. */
    OVERHANG_MM("Overhang", 0, 1000, "mm"),
    /** How far a fitted line may lie from its points. */
    FITTED_MM("Tolerance", 0.01, 50, "mm"),
    /** Moisture content, oven-dry basis. */
    MOISTURE_PERCENT("Moisture", 0, 200, "%"),
    /** Temperature of the steam chamber. */
    CHAMBER_C("Chamber temperature", 20, 130, "°C"),
    /** Temperature in a steam bag. */
    BAG_C("Temperature in the bag", 40, 110, "°C"),
    /** Time steam stays on after the bend. */
    STEAM_ON_MINUTES("Steam left on", 0, 600, "min"),
    /** Temperature of a bath that heats. */
    HOT_BATH_C("Bath temperature", 40, 110, "°C"),
    /** Time in a bath that heats. */
    BATH_MINUTES("Time in the bath", 1, 1440, "min"),
    /** Reading of a thermometer in the chamber, from the cold start on. */
    PROBE_C("Chamber reading", -20, 130, "°C"),
    /** Time in steam. */
    STEAM_MINUTES("Steaming time", 1, 1440, "min"),
    /** Time under water before steaming. */
    SOAK_HOURS("Soak", 0, 1000, "h"),
    /** Temperature of the water stock is soaked in. */
    BATH_C("Water temperature", 1, 100, "°C"),
    /** Moisture a soak is followed to; beyond, the cell walls are full. */
    SOAKED_PERCENT("Wanted moisture", 1, 29, "%"),
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
    /** Relative humidity a sensor can tell. */
    AIR_PERCENT("Humidity of the air", 0, 100, "%"),
    /** Mass of a piece. */
    MASS_G("Mass", 1, 200_000, "g"),
    /** Marks of a rule. */
    MARK_MM("Marks of the rule", 0.1, 50, "mm"),
    /** Slope of grain as the run for a rise of one. */
    GRAIN_RUN("Slope of grain, 1 in", 2, 1000, ""),
    /** Oven-dry mass over green volume, relative to water. */
    SPECIFIC_GRAVITY("Basic specific gravity", 0.08, 1.3, ""),
    /** Density at 12 % moisture. */
    DENSITY_KG_M3("Density", 90, 1450, "kg/m³"),
    /** Modulus of rupture at 12 % moisture. */
    BENDING_STRENGTH_MPA("Bending strength", 10, 400, "MPa"),
    /** Modulus of elasticity at 12 % moisture. */
    STIFFNESS_MPA("Stiffness", 1000, 40_000, "MPa"),
    /** Compression strength parallel to grain at 12 % moisture. */
    CRUSHING_STRENGTH_MPA("Crushing strength", 5, 200, "MPa"),
    /** Share of pieces unbroken in a published bending test. */
    UNBROKEN_PERCENT("Pieces unbroken", 0, 100, "%"),
    /** Thickness of a strap. */
    STRAP_THICKNESS_MM("Strap thickness", 0.1, 12, "mm"),
    /** Slack between the ends of the piece and the stops of the strap. */
    STRAP_END_GAP_MM("Gap at the stops", 0, 100, "mm"),
    /** Share of the width under a strap of several bands. */
    COVERED_PERCENT("Covered", 10, 100, "%"),
    /** Inner length of a steam chamber. */
    CHAMBER_LENGTH_MM("Chamber length", 100, 15_000, "mm"),
    /** Inner width or height of a steam chamber. */
    CHAMBER_SIDE_MM("Chamber width and height", 20, 2000, "mm"),
    /** Thickness of a chamber's walls. */
    CHAMBER_WALL_MM("Wall thickness", 0.3, 200, "mm"),
    /** Insulation round a chamber. */
    INSULATION_MM("Insulation", 0, 300, "mm"),
    /** Open area of vents and drain; a chamber is never sealed. */
    VENT_MM2("Open area of vents and drain", 50, 20_000, "mm²"),
    /** Electrical power of a steam generator. */
    GENERATOR_W("Generator power", 200, 30_000, "W"),
    /** Steam generators on one chamber. */
    GENERATORS("Number of generators", 1, 10, ""),
    /** Water a generator holds. */
    TANK_L("Tank", 0.5, 500, "l"),
    /** Height above the sea. */
    ALTITUDE_M("Height above the sea", -400, 5000, "m"),
    /** Length of a piece. */
    PIECE_LENGTH_MM("Length of the piece", 50, 15_000, "mm"),
    /** Length of a board. */
    BOARD_LENGTH_MM("Length", 50, 15_000, "mm"),
    /** Where something lies on a board, or off it while it is moved. */
    ON_BOARD_MM("A place on a board", -15_000, 15_000, "mm"),
    /** Size of what is marked on a board. */
    MARKED_MM("The size of a mark", 0.5, 15_000, "mm"),
    /** Pieces side by side or layers one above the other. */
    PIECES("Pieces", 1, 200, ""),
    /** Width of a saw's cut. */
    SAW_KERF_MM("Saw kerf", 0.3, 12, "mm"),
    /** Wood left standing under a cut. */
    WEB_MM("Web", 0.3, 25, "mm"),
    /** From one cut to the next. */
    PITCH_MM("Pitch", 1, 300, "mm"),
    /** Strip glued across the cuts. */
    BACKER_MM("Backer", 0.3, 25, "mm"),
    /** Length over which a rod is shaved thinner. */
    THINNED_OVER_MM("Thinned over", 5, 5000, "mm"),
    /** Temperature of a pipe stock is bent over; colder softens nothing. */
    PIPE_C("Pipe temperature", 60, 300, "°C"),
    /** Time one place is worked on the pipe. */
    PIPE_MINUTES("Time on the pipe", 0.1, 60, "min"),
    /** Share of that time the place touches it. */
    CONTACT_PERCENT("Contact with the pipe", 2, 100, "%"),
    /** How far a clamp opens. */
    REACH_MM("How far they open", 5, 5000, "mm"),
    /** Hole for the head of a clamp. */
    HOLE_MM("Clamp hole", 5, 150, "mm"),
    /** From clamp to clamp, or from peg to peg. */
    SPACING_MM("Spacing", 10, 1000, "mm"),
    /** Thickness of a peg. */
    PEG_MM("Peg", 3, 100, "mm"),
    /** Thickness of sheet goods. */
    SHEET_THICKNESS_MM("Sheet thickness", 3, 60, "mm"),
    /** Length or width of a sheet. */
    SHEET_SIDE_MM("Sheet", 100, 5000, "mm"),
    /** What a sheet costs. */
    PRICE("Price", 0, 100_000, ""),
    /** How long a glue stays open. */
    OPEN_MINUTES("Open time", 0.5, 600, "min"),
    /** Pressure a glue line wants. */
    GLUE_PRESSURE_MPA("Pressure", 0.01, 10, "MPa"),
    /** Glue spread on a line. */
    SPREAD_G_M2("Spread", 20, 1000, "g/m²"),
    /** How hollow a piece is across its width. */
    CUP_MM("Cup", 0, 100, "mm"),
    /** How long glued plies stay in the clamps. */
    CLAMPED_HOURS("Time in the clamps", 0.05, 400, "h"),
    /** How far a plate rises across its grain. */
    RISE_ACROSS_MM("Rise across", 0.5, 750, "mm"),
    /** How often a plate is heated and pushed on. */
    ROUNDS("Rounds", 1, 40, ""),
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

    /** The value itself, or the limit it lies beyond. */
    public double nearest(double value) {
        return Math.max(lowest, Math.min(highest, value));
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
