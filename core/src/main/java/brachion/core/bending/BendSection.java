package brachion.core.bending;

import brachion.core.physics.Physics;
import brachion.core.wood.Species;
import java.util.Optional;

/**
 * The fibre section of a piece on its form: finds where the neutral axis lies and so how much each fibre is stretched
 * or squeezed.
 *
 * <p>Plane sections stay plane: at a height y above the inner face, with inner radius R and neutral axis at y_n,
 * <pre>ε(y) = (R + y)/(R + y_n) − 1</pre>
 * The axis settles where the fibres' forces and the strap's pull balance. A strap pulls, for each mm of stock width,
 * <pre>w · E_s · t_s · (strap width/stock width) · max(0, ε_outer − slack),  slack = end gap/arc length</pre>
 * with w the share of the strap that works.
 * Curved-beam kinematics after Winkler and Bach as in any strength-of-materials text; the fibres' law is
 * {@link FibreLaw}. Every strain is linear in u = 1/(R + y_n), and fibres and strap only ever stiffen with strain, so the
 * net force is a rising, convex, piecewise linear function of u. Newton's method then comes down on its one zero from
 * above, whatever the start, and has it to the last digit as soon as it is on the right piece.
 *
 * @param species       the wood
 * @param condition     softness and moisture through the thickness
 * @param thicknessMm   thickness of the piece [mm]
 * @param widthMm       full width of the piece [mm]
 * @param outline       how wide it is at each height
 * @param innerRadiusMm radius of the inner face [mm]
 * @param arcLengthMm   length of the bend along the outer face [mm], over which a strap's slack is taken up
 * @param strap         the strap on the outer face, if any
 * @param physics       the constants nobody measured; the share of the strap that works and the crushing of soft wood count
 */
public record BendSection(Species species, SectionCondition condition, double thicknessMm, double widthMm,
                          Outline outline, double innerRadiusMm, double arcLengthMm, Optional<Strap> strap, Physics physics) {

    private static final int MAX_STEPS = 100;
    /** A step of u smaller than this share of it is rounding. */
    private static final double ROUNDING = 1e-13;

    /** A section as wide throughout. */
    public BendSection(Species species, SectionCondition condition, double thicknessMm, double widthMm, double innerRadiusMm,
                       double arcLengthMm, Optional<Strap> strap, Physics physics) {
        this(species, condition, thicknessMm, widthMm, Outline.RECTANGLE, innerRadiusMm, arcLengthMm, strap, physics);
    }

    /** Solves the balance of forces. */
    public SectionState solve() {
        FibreLaw[] laws = new FibreLaw[condition.layers()];
        for (int layer = 0; layer < laws.length; layer++) {
            laws[layer] = FibreLaw.of(species, condition.softness(layer), condition.moisturePercent(layer), physics.softCrushing());
        }
        double strapMpa = strap.map(s -> s.material().stiffnessMpa() * physics.strapShare()).orElse(0.0);
        double strapMm = strap.map(s -> s.workingMm(widthMm)).orElse(0.0);
        double slack = strap.map(s -> Math.max(0, s.endGapMm() + physics.stopsGiveMm()) / arcLengthMm).orElse(0.0);
        double u = 1 / (innerRadiusMm + thicknessMm / 2);
        for (int step = 0; step < MAX_STEPS; step++) {
            double next = u - excess(laws, strapMpa * strapMm, slack, u);
            if (Math.abs(next - u) <= ROUNDING * u) {
                return state(laws, next, strapMpa * Math.max(0, strain(thicknessMm, next) - slack), strapMm);
            }
            u = next;
        }
        throw new IllegalStateException("No balance of forces found for " + this);
    }

    /** Net force along the piece over its slope in u. */
    private double excess(FibreLaw[] laws, double strapStiffness, double slack, double u) {
        double layerMm = thicknessMm / laws.length;
        double force = 0;
        double slope = 0;
        for (int layer = 0; layer < laws.length; layer++) {
            double height = (layer + 0.5) * layerMm;
            double strain = strain(height, u);
            double area = outline.share((layer + 0.5) / laws.length) * layerMm;
            force += laws[layer].stressMpa(strain) * area;
            slope += laws[layer].tangentMpa(strain) * (innerRadiusMm + height) * area;
        }
        double pulled = strain(thicknessMm, u) - slack;
        if (pulled > 0) {
            force += strapStiffness * pulled;
            slope += strapStiffness * (innerRadiusMm + thicknessMm);
        }
        return force / slope;
    }

    private SectionState state(FibreLaw[] laws, double u, double strapStressMpa, double strapMm) {
        double layerMm = thicknessMm / laws.length;
        double force = 0;
        double aboutInner = 0;
        for (int layer = 0; layer < laws.length; layer++) {
            double height = (layer + 0.5) * layerMm;
            double pull = laws[layer].stressMpa(strain(height, u)) * layerMm * outline.share((layer + 0.5) / laws.length);
            force += pull;
            aboutInner += pull * height;
        }
        double perMetre = widthMm / 1000;
        return new SectionState((1 / u - innerRadiusMm) / thicknessMm, strain(thicknessMm, u), strain(0, u),
                (aboutInner + strapStressMpa * strapMm * thicknessMm) * perMetre,
                (aboutInner - force * thicknessMm * outline.centroid()) * perMetre, strapStressMpa);
    }

    /** Strain at a height above the inner face [mm], with u [1/mm]. */
    private double strain(double heightMm, double u) {
        return (innerRadiusMm + heightMm) * u - 1;
    }

    /** What the strap pulls with, on its anchor and on the stops at the ends of the piece [N]. */
    public double strapPullN(SectionState state) {
        return state.strapStressMpa() * strap.map(s -> s.workingMm(widthMm)).orElse(0.0) * widthMm;
    }

    /** Pressure of the stops on the end grain [MPa]: that pull over the area of the section. */
    public double endPressureMpa(SectionState state) {
        return strapPullN(state) / (widthMm * thicknessMm * outline.areaShare());
    }

    /** Pressure under which the end grain crushes [MPa], as soft as the piece is on average. */
    public double endCrushingMpa() {
        double mean = 0;
        for (int layer = 0; layer < condition.layers(); layer++) {
            mean += FibreLaw.of(species, condition.softness(layer), condition.moisturePercent(layer), physics.softCrushing()).crushingMpa()
                    / condition.layers();
        }
        return mean;
    }

    /** All that a strap bears. */
    public StrapLoad strapLoad(SectionState state) {
        return new StrapLoad(strapPullN(state), state.strapStressMpa(), endPressureMpa(state), endCrushingMpa());
    }

    /**
     * Share of its curvature the piece would lose if it were let go at once, cold: M/(E·I·κ), with M the moment of the
     * wood about its centroid (a strap has been taken off), I = b·t³/12 of a rectangle, κ the curvature there, and E the stiffness
     * of hard wood at the moisture of release [%].
     */
    public double elasticShare(SectionState state, double releaseMoisturePercent) {
        double stiffness = FibreLaw.of(species, 0, releaseMoisturePercent, physics.softCrushing()).stiffnessMpa();
        double inertia = widthMm * Math.pow(thicknessMm, 3) / 12 * outline.inertiaShare();
        double curvature = 1 / (innerRadiusMm + thicknessMm * outline.centroid());
        return Math.max(0, state.woodMomentNm()) * 1000 / (stiffness * inertia * curvature);
    }
}
