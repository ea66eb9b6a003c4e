package brachion.core.bending;

/** What a strap on the back of the piece is made of. */
public enum StrapMaterial {
    /** Spring or mild steel band; 200 GPa. */
    STEEL(200_000),
    /** Aluminium band, which does not stain; 69 GPa. */
    ALUMINIUM(69_000),
    /** Woven polyester webbing; about 1.2 GPa, a round number chosen by us. */
    WEBBING(1_200),
    /** Plastic trim; about 2.5 GPa, a round number chosen by us. */
    PLASTIC(2_500);

    private final double stiffnessMpa;

    StrapMaterial(double stiffnessMpa) {
        this.stiffnessMpa = stiffnessMpa;
    }

    /** Modulus of elasticity [MPa]. */
    public double stiffnessMpa() {
        return stiffnessMpa;
    }
}
