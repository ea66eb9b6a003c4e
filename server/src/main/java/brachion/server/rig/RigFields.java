package brachion.server.rig;

import brachion.core.process.Shop;
import brachion.core.quantity.PhysicalBound;
import brachion.core.rig.SteamRig;
import brachion.core.rig.WallMaterial;
import brachion.server.recipe.Within;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;

/**
 * Chamber, generators and shop.
 *
 * @param lengthMm              inner length [mm]
 * @param widthMm               inner width [mm]
 * @param heightMm              inner height [mm]
 * @param wall                  what the walls are made of
 * @param wallThicknessMm       their thickness [mm]
 * @param insulationThicknessMm insulation outside the walls [mm]
 * @param ventAreaMm2           open area of vents and drain together [mm²]
 * @param generatorWatts        power of one generator [W]
 * @param generators            how many
 * @param tankLitres            water each holds [l]
 * @param shopC                 temperature of the shop [°C]
 * @param altitudeM             height above the sea [m]
 * @param shopHumidityPercent   relative humidity of the shop [%]
 */
@Embeddable
record RigFields(
        @NotNull @Within(PhysicalBound.CHAMBER_LENGTH_MM) Double lengthMm,
        @NotNull @Within(PhysicalBound.CHAMBER_SIDE_MM) Double widthMm,
        @NotNull @Within(PhysicalBound.CHAMBER_SIDE_MM) Double heightMm,
        @NotNull @Enumerated(EnumType.STRING) WallMaterial wall,
        @NotNull @Within(PhysicalBound.CHAMBER_WALL_MM) Double wallThicknessMm,
        @NotNull @Within(PhysicalBound.INSULATION_MM) Double insulationThicknessMm,
        @NotNull @Within(PhysicalBound.VENT_MM2) @Column(name = "vent_area_mm2") Double ventAreaMm2,
        @NotNull @Within(PhysicalBound.GENERATOR_W) Double generatorWatts,
        @NotNull @Within(PhysicalBound.GENERATORS) Integer generators,
        @NotNull @Within(PhysicalBound.TANK_L) Double tankLitres,
        @NotNull @Within(PhysicalBound.SHOP_C) @Column(name = "shopc") Double shopC,
        @NotNull @Within(PhysicalBound.ALTITUDE_M) @Column(name = "altitudem") Double altitudeM,
        @NotNull @Within(PhysicalBound.HUMIDITY_PERCENT) Double shopHumidityPercent) {

    /** A plywood box of 4 ft by 5 in square with a 1500 W generator in an ordinary shop at sea level (common practice). */
    static final RigFields USUAL =
            new RigFields(1219.2, 127.0, 127.0, WallMaterial.PLYWOOD, 12.7, 0.0, 230.0, 1500.0, 1, 4.0, Shop.USUAL.celsius(), Shop.USUAL.altitudeM(),
                    100 * Shop.USUAL.relativeHumidity());

    /** The same box in a shop as it is at another. */
    RigFields inTheShopOf(RigFields other) {
        return new RigFields(lengthMm, widthMm, heightMm, wall, wallThicknessMm, insulationThicknessMm, ventAreaMm2, generatorWatts, generators, tankLitres,
                other.shopC, other.altitudeM, other.shopHumidityPercent);
    }

    /** The same box of another inner length [mm]. */
    RigFields ofLength(double otherMm) {
        return new RigFields(otherMm, widthMm, heightMm, wall, wallThicknessMm, insulationThicknessMm, ventAreaMm2, generatorWatts, generators, tankLitres,
                shopC, altitudeM, shopHumidityPercent);
    }

    /** The shop it stands in. */
    Shop shop() {
        return new Shop(shopC, shopHumidityPercent / 100, altitudeM);
    }

    SteamRig toRig() {
        return new SteamRig(lengthMm, widthMm, heightMm, wall, wallThicknessMm, insulationThicknessMm, ventAreaMm2,
                generatorWatts, generators, tankLitres, shopC, altitudeM);
    }
}
