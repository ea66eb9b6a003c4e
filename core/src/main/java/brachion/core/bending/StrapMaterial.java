package brachion.core.bending;

/** What a strap on the back of the piece is made of. */
public enum StrapMaterial {
    /** Spring or mild steel band; 200 GPa. */
    STEEL(200_000, 250, 360),
    /** Aluminium band, which does not stain; 69 GPa. */
    ALUMINIUM(69_000, 100, 125),
    /** Woven polyester webbing; about 1.2 GPa, a round number chosen by us. */
    WEBBING(1_200, 60, 60),
    /** Plastic trim; about 2.5 GPa, a round number chosen by us. */
    PLASTIC(2_500, 30, 30);

    private final double stiffnessMpa;
    private final double bearsMpa;
    private final double strengthMpa;

    StrapMaterial(double stiffnessMpa, double bearsMpa, double strengthMpa) {
        this.stiffnessMpa = stiffnessMpa;
        this.bearsMpa = bearsMpa;
        this.strengthMpa = strengthMpa;
    }

    /** Stress it bears without staying longer [MPa]: of mild steel, soft aluminium, and round numbers chosen by us for the others. */
    public double bearsMpa() {
        return bearsMpa;
    }

    /** Stress at which it tears beside a hole [MPa]: of mild steel S235 (EN 10025-2) and of EN AW-5005 (EN 485-2), from memory; of the others what they bear. */
    public double strengthMpa() {
        return strengthMpa;
    }

    /** Whether holes can be drilled in it and hold. */
    public boolean isMetal() {
        return this == STEEL || this == ALUMINIUM;
    }

    /** Modulus of elasticity [MPa]. */
    public double stiffnessMpa() {
        return stiffnessMpa;
    }
}
