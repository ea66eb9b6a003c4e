package brachion.core.rig;

import brachion.core.process.BoilingPoint;
import brachion.core.quantity.PhysicalBound;

/**
 * A chamber with its steam generators in its shop.
 *
 * <p>Heat goes through the walls, U·A·(T − T_shop) with 1/U = 1/h_i + wall + insulation + 1/h_o, and out of the vents,
 * which stay open: steam is lighter than air and leaves at Cd·a·ρ·√(2gH(ρ_air/ρ − 1)), each kilogram taking its heat of
 * evaporation with it. Films, discharge coefficient and the share of a generator's power that becomes steam in the
 * chamber are round numbers chosen by us.
 *
 * @param lengthMm              inner length [mm]
 * @param widthMm               inner width [mm]
 * @param heightMm              inner height [mm]
 * @param wall                  what the walls are made of
 * @param wallThicknessMm       their thickness [mm]
 * @param insulationThicknessMm foam or wool outside the walls [mm], 0 for none
 * @param ventAreaMm2           open area of vents and drain together [mm²]
 * @param generatorWatts        electrical power of one generator [W]
 * @param generators            how many
 * @param tankLitres            water each holds [l]
 * @param shopC                 temperature of the shop [°C]
 * @param altitudeM             height above the sea [m]
 */
public record SteamRig(double lengthMm, double widthMm, double heightMm, WallMaterial wall, double wallThicknessMm,
                       double insulationThicknessMm, double ventAreaMm2, double generatorWatts, int generators,
                       double tankLitres, double shopC, double altitudeM) {

    /** Heat of evaporation of water [kJ/kg] at 100 °C. */
    public static final double EVAPORATION_KJ_PER_KG = 2257;
    private static final double WATER_KJ_PER_KG_K = 4.18;
    private static final double INSULATION_CONDUCTIVITY = 0.035;
    private static final double INNER_FILM = 400;
    private static final double OUTER_FILM = 10;
    private static final double STEAM_SHARE = 0.75;
    private static final double DISCHARGE = 0.6;
    private static final double STEAM_DENSITY = 0.60;
    private static final double AIR_DENSITY = 1.20;
    private static final double GRAVITY = 9.81;

    /** Refuses chambers and generators no shop has. */
    public SteamRig {
        PhysicalBound.CHAMBER_LENGTH_MM.require(lengthMm);
        PhysicalBound.CHAMBER_SIDE_MM.require(widthMm);
        PhysicalBound.CHAMBER_SIDE_MM.require(heightMm);
        PhysicalBound.CHAMBER_WALL_MM.require(wallThicknessMm);
        PhysicalBound.INSULATION_MM.require(insulationThicknessMm);
        PhysicalBound.VENT_MM2.require(ventAreaMm2);
        PhysicalBound.GENERATOR_W.require(generatorWatts);
        PhysicalBound.GENERATORS.require(generators);
        PhysicalBound.TANK_L.require(tankLitres);
        PhysicalBound.SHOP_C.require(shopC);
        PhysicalBound.ALTITUDE_M.require(altitudeM);
    }

    /** Heat that arrives in the chamber as steam [W]. */
    public double steamWatts() {
        return STEAM_SHARE * generatorWatts * generators;
    }

    /** Area of the walls half way through them [m²]. */
    public double wallAreaM2() {
        double grown = wallThicknessMm + insulationThicknessMm;
        double inner = surfaceM2(lengthMm, widthMm, heightMm);
        double outer = surfaceM2(lengthMm + 2 * grown, widthMm + 2 * grown, heightMm + 2 * grown);
        return (inner + outer) / 2;
    }

    private static double surfaceM2(double length, double width, double height) {
        return 2 * (length * width + length * height + width * height) / 1e6;
    }

    /** Heat through the walls for each kelvin between chamber and shop [W/K]. */
    public double wallLossPerK() {
        double resistance = 1 / INNER_FILM + wallThicknessMm / 1000 / wall.conductivity()
                + insulationThicknessMm / 1000 / INSULATION_CONDUCTIVITY + 1 / OUTER_FILM;
        return wallAreaM2() / resistance;
    }

    /** Heat that leaves through the open vents with the steam [W]. */
    public double ventWatts() {
        double speed = Math.sqrt(2 * GRAVITY * heightMm / 1000 * (AIR_DENSITY / STEAM_DENSITY - 1));
        double kgPerSecond = DISCHARGE * ventAreaMm2 / 1e6 * STEAM_DENSITY * speed;
        return kgPerSecond * EVAPORATION_KJ_PER_KG * 1000;
    }

    /** Heat needed to hold a temperature [W]. */
    public double holdingWatts(double chamberC) {
        return wallLossPerK() * (chamberC - shopC) + ventWatts();
    }

    /** The temperature the chamber comes to in the end [°C]: what the steam can hold, at most boiling. */
    public double reachesC() {
        double balance = shopC + Math.max(0, steamWatts() - ventWatts()) / wallLossPerK();
        return Math.min(BoilingPoint.celsius(altitudeM), balance);
    }

    /** Heat to warm the walls by one kelvin inside [J/K]; outside insulation they warm through, bare ones by half. */
    double wallHeatPerK() {
        double volume = surfaceM2(lengthMm, widthMm, heightMm) * wallThicknessMm / 1000;
        return volume * wall.volumetricHeatCapacity() * (insulationThicknessMm > 0 ? 0.9 : 0.5);
    }

    /**
     * Hours a full tank lasts at full power, the warming of its water included: mass × 2257 kJ/kg over power. 1500 W
     * evaporates 2.4 l in an hour.
     */
    public double tankHours() {
        double kilojoules = tankLitres * (EVAPORATION_KJ_PER_KG + WATER_KJ_PER_KG_K * (100 - shopC));
        return kilojoules / (generatorWatts / 1000) / 3600;
    }

    /** The same rig with a chamber of another length [mm]. */
    public SteamRig withLengthMm(double other) {
        return new SteamRig(other, widthMm, heightMm, wall, wallThicknessMm, insulationThicknessMm, ventAreaMm2,
                generatorWatts, generators, tankLitres, shopC, altitudeM);
    }

    /** The same rig with other insulation [mm]. */
    public SteamRig withInsulationMm(double other) {
        return new SteamRig(lengthMm, widthMm, heightMm, wall, wallThicknessMm, other, ventAreaMm2, generatorWatts,
                generators, tankLitres, shopC, altitudeM);
    }

    /** The same rig with another number of generators. */
    public SteamRig withGenerators(int other) {
        return new SteamRig(lengthMm, widthMm, heightMm, wall, wallThicknessMm, insulationThicknessMm, ventAreaMm2,
                generatorWatts, other, tankLitres, shopC, altitudeM);
    }
}
