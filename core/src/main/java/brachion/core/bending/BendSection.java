package brachion.core.bending;

import brachion.core.wood.Species;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.analysis.solvers.UnivariateSolver;

/**
 * The fibre section of a piece on its form: finds where the neutral axis lies and so how much each fibre is stretched
 * or squeezed.
 *
 * <p>Plane sections stay plane: at a height y above the inner face, with inner radius R and neutral axis at y_n,
 * <pre>ε(y) = (R + y)/(R + y_n) − 1</pre>
 * The axis settles where the fibres' forces and the strap's pull balance. A strap pulls, for each mm of stock width,
 * <pre>E_s · t_s · (strap width/stock width) · max(0, ε_outer − slack),  slack = end gap/arc length</pre>
 * Curved-beam kinematics after Winkler and Bach as in any strength-of-materials text; the fibres' law is
 * {@link FibreLaw}. The net force falls steadily as the axis moves outward, so there is one solution and a bracketing
 * solver finds it.
 *
 * @param species       the wood
 * @param condition     softness and moisture through the thickness
 * @param thicknessMm   thickness of the piece [mm]
 * @param widthMm       width of the piece [mm]
 * @param innerRadiusMm radius of the inner face [mm]
 * @param arcLengthMm   length of the bend along the outer face [mm], over which a strap's slack is taken up
 * @param strap         the strap on the outer face, if any
 */
public record BendSection(Species species, SectionCondition condition, double thicknessMm, double widthMm,
                          double innerRadiusMm, double arcLengthMm, Optional<Strap> strap) {

    private static final int MAX_EVALUATIONS = 200;
    /** The axis is found to this share of the thickness. */
    private static final double RELATIVE_ACCURACY = 1e-10;

    /** Solves the balance of forces. */
    public SectionState solve() {
        FibreLaw[] laws = new FibreLaw[condition.layers()];
        for (int layer = 0; layer < laws.length; layer++) {
            laws[layer] = FibreLaw.of(species, condition.softness(layer), condition.moisturePercent(layer));
        }
        UnivariateSolver solver =
                new BracketingNthOrderBrentSolver(0, RELATIVE_ACCURACY * thicknessMm, 0, 5);
        double axisMm = solver.solve(MAX_EVALUATIONS, axis -> netForce(laws, axis), 0, thicknessMm);
        return new SectionState(axisMm / thicknessMm, strain(thicknessMm, axisMm), strain(0, axisMm),
                moment(laws, axisMm, 0) * widthMm / 1000 + strapForce(axisMm) * thicknessMm * widthMm / 1000,
                moment(laws, axisMm, thicknessMm / 2) * widthMm / 1000, strapStressMpa(axisMm));
    }

    /**
     * Share of its curvature the piece would lose if it were let go at once, cold: M/(E·I·κ), with M the moment of the
     * wood about its middle (a strap has been taken off), I = b·t³/12, κ the curvature of the middle, and E the stiffness
     * of hard wood at the moisture of release [%].
     */
    public double elasticShare(SectionState state, double releaseMoisturePercent) {
        double stiffness = FibreLaw.of(species, 0, releaseMoisturePercent).stiffnessMpa();
        double inertia = widthMm * Math.pow(thicknessMm, 3) / 12;
        double curvature = 1 / (innerRadiusMm + thicknessMm / 2);
        return Math.max(0, state.woodMomentNm()) * 1000 / (stiffness * inertia * curvature);
    }

    /** Strain at a height above the inner face [mm] when the neutral axis lies at another [mm]. */
    double strain(double heightMm, double axisMm) {
        return (innerRadiusMm + heightMm) / (innerRadiusMm + axisMm) - 1;
    }

    /** Net force along the piece [N for each mm of width]. */
    private double netForce(FibreLaw[] laws, double axisMm) {
        double layerMm = thicknessMm / laws.length;
        double force = 0;
        for (int layer = 0; layer < laws.length; layer++) {
            force += laws[layer].stressMpa(strain((layer + 0.5) * layerMm, axisMm)) * layerMm;
        }
        return force + strapForce(axisMm);
    }

    /** Moment of the fibres about a height above the inner face [N·mm for each mm of width]. */
    private double moment(FibreLaw[] laws, double axisMm, double aboutMm) {
        double layerMm = thicknessMm / laws.length;
        double moment = 0;
        for (int layer = 0; layer < laws.length; layer++) {
            double height = (layer + 0.5) * layerMm;
            moment += laws[layer].stressMpa(strain(height, axisMm)) * layerMm * (height - aboutMm);
        }
        return moment;
    }

    private double strapForce(double axisMm) {
        return strap.map(s -> strapStressMpa(axisMm) * s.thicknessMm() * Math.min(1, s.widthMm() / widthMm))
                .orElse(0.0);
    }

    private double strapStressMpa(double axisMm) {
        return strap.map(s -> s.material().stiffnessMpa()
                        * Math.max(0, strain(thicknessMm, axisMm) - s.endGapMm() / arcLengthMm))
                .orElse(0.0);
    }
}
