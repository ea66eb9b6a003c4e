package brachion.core.bending;

/**
 * The solved section.
 *
 * @param neutralAxis    where nothing is stretched or squeezed, as a share of the thickness from the inner face
 * @param outerStrain    strain of the outer face, stretch positive
 * @param innerStrain    strain of the inner face, squeeze negative
 * @param momentNm       bending moment that holds the piece on the form [N·m]
 * @param woodMomentNm   the part of it that sits in the wood, about its middle [N·m]; it drives springback
 * @param strapStressMpa tension in the strap [MPa], 0 without one or while it is slack
 */
public record SectionState(double neutralAxis, double outerStrain, double innerStrain, double momentNm,
                           double woodMomentNm, double strapStressMpa) {

    /**
     * Force needed at the end of a lever [N].
     *
     * @param leverMm length of the lever from the bend [mm]
     */
    public double pullNewtons(double leverMm) {
        return momentNm * 1000 / leverMm;
    }
}
