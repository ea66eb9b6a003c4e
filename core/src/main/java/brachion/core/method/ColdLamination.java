package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.physics.Physics;
import brachion.core.quantity.PhysicalBound;
import java.util.Optional;

/**
 * Cold lamination: thin dry plies, glue between, clamped to a form until cured. Each ply bends by itself while the
 * glue is wet, so the ply against the form, at the tightest radius, is the one that decides.
 *
 * @param glue  the adhesive
 * @param plies number of plies
 */
public record ColdLamination(Glue glue, int plies) implements Method {

    /** Refuses stacks no form takes. */
    public ColdLamination {
        PhysicalBound.PLIES.require(plies);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.COLD_LAMINATION;
    }

    @Override
    public SectionCondition condition(Blank blank, Physics physics) {
        return SectionCondition.uniform(0, Demand.known(blank.moisturePercent(), "moisture"));
    }

    /** Dry wood is bent by its published strength alone. */
    @Override
    public Sensitivity sensitivity(Blank blank, Bend bend) {
        return Sensitivity.NONE;
    }

    @Override
    public Optional<Strap> strap() {
        return Optional.empty();
    }

    /** n equal plies glued at curvature κ keep κ(1 − 1/n²): elastic, exact for a rigid glue line. */
    @Override
    public Springback springback(Blank blank, Bend bend, Demand demand) {
        return new Springback(1.0 / ((double) plies * plies), Optional.empty());
    }

    /** The same lamination with another number of plies. */
    public ColdLamination withPlies(int other) {
        return new ColdLamination(glue, other);
    }
}
