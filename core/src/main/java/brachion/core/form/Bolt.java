package brachion.core.form;

import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.UnitSystem;
import java.util.Arrays;
import java.util.List;

/**
 * Bolts that hold the stops of a strap, of strength class 8.8 or grade 5. Stress areas of ISO 898-1 (coarse thread) and ASME B1.1 (UNC),
 * clearances of EN 1090-2, table 11, all from memory.
 */
public enum Bolt {
    /** 6 mm. */
    M6("M6", UnitSystem.METRIC, 6, 7, 20.1),
    /** 8 mm. */
    M8("M8", UnitSystem.METRIC, 8, 9, 36.6),
    /** 10 mm. */
    M10("M10", UnitSystem.METRIC, 10, 11, 58.0),
    /** 12 mm. */
    M12("M12", UnitSystem.METRIC, 12, 13, 84.3),
    /** 1/4 in, 20 threads. */
    QUARTER("1/4\"-20", UnitSystem.INCH, inches(4, 16), inches(5, 16), 20.5),
    /** 5/16 in, 18 threads. */
    FIVE_SIXTEENTHS("5/16\"-18", UnitSystem.INCH, inches(5, 16), inches(6, 16), 33.8),
    /** 3/8 in, 16 threads. */
    THREE_EIGHTHS("3/8\"-16", UnitSystem.INCH, inches(6, 16), inches(7, 16), 50.0),
    /** 1/2 in, 13 threads. */
    HALF("1/2\"-13", UnitSystem.INCH, inches(8, 16), inches(9, 16), 91.5);

    /** Ultimate strength of class 8.8 [MPa] (ISO 898-1); that of grade 5 is a little higher. */
    private static final double STRENGTH_MPA = 800;

    private final String label;
    private final UnitSystem units;
    private final double diameterMm;
    private final double holeMm;
    private final double stressedMm2;

    Bolt(String label, UnitSystem units, double diameterMm, double holeMm, double stressedMm2) {
        this.label = label;
        this.units = units;
        this.diameterMm = diameterMm;
        this.holeMm = holeMm;
        this.stressedMm2 = stressedMm2;
    }

    private static double inches(int marks, int perInch) {
        return LengthUnit.INCH.millimetres() * marks / perInch;
    }

    /** Those of a system of units, thinnest first. */
    public static List<Bolt> of(UnitSystem units) {
        return Arrays.stream(values()).filter(bolt -> bolt.units == units).toList();
    }

    /** What it is called where it is bought. */
    public String label() {
        return label;
    }

    /** Its diameter [mm]. */
    public double diameterMm() {
        return diameterMm;
    }

    /** The hole it goes through [mm]. */
    public double holeMm() {
        return holeMm;
    }

    /** What shears it [N]: 0.6·f_ub·A_s/γ_M2 (EN 1993-1-8, table 3.4, from memory). */
    double shearedAtN() {
        return 0.6 * STRENGTH_MPA * stressedMm2 / StrapFitting.GAMMA_M2;
    }
}
