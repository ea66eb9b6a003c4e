package brachion.core.physics;

/**
 * The constants of heat, water and strain that are taken from common practice because nobody measured them. {@link Unsure}
 * says how far each may be off.
 *
 * @param steamHeat            factor on the heat that condensing steam brings to a face
 * @param waterUptake          factor on the diffusion of bound water
 * @param softeningShiftC      by how much the wood softens at a higher temperature than {@code LigninSoftening} says [K]
 * @param steamMoisturePercent moisture content that the faces take on in steam [%]
 * @param strapShare           share of a strap's stiffness that really works, its grips and seams taken into account
 * @param softCrushing         crushing stress of thoroughly softened wood over that of dry wood
 * @param coolerC              by how much steam is cooler where the stock lies than was written down [K]; nothing where a probe lay there
 * @param stopsGiveMm          by how much the stops of a strap give or slip beyond the gap written down [mm]
 */
public record Physics(double steamHeat, double waterUptake, double softeningShiftC, double steamMoisturePercent,
                      double strapShare, double softCrushing, double coolerC, double stopsGiveMm) {

    /** Steam that nobody holds back is no hotter [°C]. */
    private static final double BOILING_C = 100;

    /**
     * What is usually taken. Round numbers chosen by us; the equilibrium of wood near saturation at the heat of steam lies
     * between 17 % (extrapolated sorption curves) and the 20 % and more that wood out of a steam box is found to have
     * (common practice).
     */
    public static final Physics USUAL = new Physics(1, 1, 0, 20, 0.7, 0.22, 0, 0);

    /** Refuses constants nothing could have. */
    public Physics {
        if (!(steamHeat > 0) || !(waterUptake > 0) || !(strapShare >= 0) || !(softCrushing > 0)) {
            throw new IllegalArgumentException("Factors must be more than zero, not " + steamHeat + ", " + waterUptake
                    + ", " + strapShare + " and " + softCrushing);
        }
    }

    /** The same with another factor on the diffusion of water. */
    public Physics withWaterUptake(double factor) {
        return new Physics(steamHeat, factor, softeningShiftC, steamMoisturePercent, strapShare, softCrushing, coolerC, stopsGiveMm);
    }

    /** The same with all of a strap working, and stops that hold. */
    public Physics withWholeStrap() {
        return new Physics(steamHeat, waterUptake, softeningShiftC, steamMoisturePercent, 1, softCrushing, coolerC, 0);
    }

    /** How hot steam is where the stock lies [°C], when so much was written down. */
    public double steamC(double writtenC) {
        return Math.min(Math.max(writtenC, BOILING_C), writtenC - coolerC);
    }

    /** Just what bears on how hot, wet and soft a piece gets; the rest as usual. */
    public Physics ofTheProcess() {
        return new Physics(steamHeat, waterUptake, softeningShiftC, steamMoisturePercent, USUAL.strapShare,
                USUAL.softCrushing, coolerC, USUAL.stopsGiveMm);
    }
}
