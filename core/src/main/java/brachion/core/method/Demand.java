package brachion.core.method;

import brachion.core.physics.Physics;
import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.bending.SectionState;
import brachion.core.bending.SpeciesCapacity;
import brachion.core.bending.StrainLimits;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapLoad;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a bend asks of the wood, beside what the wood can bear.
 *
 * @param section   the section model that was solved
 * @param state     the strains it found
 * @param limits    what this piece bears
 * @param grainRun  slope of grain the limits were taken at
 */
public record Demand(BendSection section, SectionState state, StrainLimits limits, double grainRun) {

    /** What a bend asks of a blank in a condition; the slope of grain must be known. */
    public static Demand of(Blank blank, Bend bend, SectionCondition condition, Optional<Strap> strap) {
        return of(blank, bend, condition, strap, Physics.USUAL);
    }

    /** The same where the constants nobody measured are not the usual ones. */
    public static Demand of(Blank blank, Bend bend, SectionCondition condition, Optional<Strap> strap, Physics physics) {
        BendSection section = new BendSection(blank.species(), condition, blank.thicknessMm(), blank.widthMm(),
                blank.outline(), bend.innerRadiusMm(), bend.outerArcMm(blank.thicknessMm()), strap, physics);
        return of(section, known(blank.grainRun(), "slope of grain"));
    }

    /** What a section asks of wood whose grain rises one in so many. */
    static Demand of(BendSection section, double grainRun) {
        StrainLimits limits = SpeciesCapacity.of(section.species(), section.physics()).limits(section.condition(), grainRun);
        return new Demand(section, section.solve(), limits, grainRun);
    }

    /** What a bend would ask of wood as soft as steam makes it when it is wet enough; the slope of grain must be known. */
    public static Demand softened(Blank blank, Bend bend, Optional<Strap> strap) {
        return of(blank, bend, SpeciesCapacity.referenceCondition(Physics.USUAL), strap);
    }

    static double known(OptionalDouble value, String name) {
        return value.orElseThrow(() -> new IllegalArgumentException("The " + name + " of the blank is not known"));
    }

    /** D_T: stretch of the outer face over what it bears; 1 breaks about one piece in twenty. */
    public double tensionRatio() {
        return state.outerStrain() / limits.tension();
    }

    /** D_C: squeeze of the inner face over what it bears. */
    public double compressionRatio() {
        return -state.innerStrain() / limits.compression();
    }

    /** What its strap bears; nothing without one. */
    public StrapLoad strapLoad() {
        return section.strapLoad(state);
    }

    /** The same bend where something nobody pulls at holds the faces: their strains, and what stays in the wood. */
    Demand held(SectionState by) {
        return new Demand(section, new SectionState(by.neutralAxis(), by.outerStrain(), by.innerStrain(), by.woodMomentNm(), by.woodMomentNm(), 0), limits, grainRun);
    }

    /**
     * What is asked where a bend passes from this section into another, which counts for a share: each face between the two, and
     * never less than here.
     */
    Demand passingInto(Demand other, double share) {
        if (share == 1 && other.tensionRatio() >= tensionRatio() && other.compressionRatio() >= compressionRatio()) {
            return other;
        }
        SectionState here = state;
        SectionState there = other.state;
        double outer = Math.max(here.outerStrain(), between(here.outerStrain(), there.outerStrain(), share));
        double inner = Math.min(here.innerStrain(), between(here.innerStrain(), there.innerStrain(), share));
        return new Demand(section, new SectionState(-inner / (outer - inner), outer, inner, between(here.momentNm(), there.momentNm(), share),
                between(here.woodMomentNm(), there.woodMomentNm(), share), between(here.strapStressMpa(), there.strapStressMpa(), share)), limits, grainRun);
    }

    private static double between(double from, double to, double share) {
        return from + share * (to - from);
    }

    /** The same bend of a piece that is stretched as a whole, besides, by a share of its length; its neutral axis may lie inside the form then. */
    Demand stretchedBy(double share) {
        double outer = state.outerStrain() + share;
        double inner = state.innerStrain() + share;
        SectionState stretched = new SectionState(-inner / (outer - inner), outer, inner, state.momentNm(), state.woodMomentNm(), state.strapStressMpa());
        return new Demand(section, stretched, limits, grainRun);
    }

    /** The same bend in straight-grained wood. */
    public Demand straightGrained() {
        return withGrainRun(Double.POSITIVE_INFINITY);
    }

    /** The same bend in wood whose grain rises one in so many; the strains are the same, the limit on stretch moves. */
    public Demand withGrainRun(double run) {
        StrainLimits sloped = SpeciesCapacity.of(section.species(), section.physics()).limits(section.condition(), run);
        return new Demand(section, state, sloped, run);
    }

    /** The same bend in wood as soft as steam makes it when it is wet enough. */
    public Demand thoroughlySoftened() {
        return of(new BendSection(section.species(), SpeciesCapacity.referenceCondition(section.physics()), section.thicknessMm(),
                section.widthMm(), section.outline(), section.innerRadiusMm(), section.arcLengthMm(), section.strap(), section.physics()), grainRun);
    }
}
