package brachion.core.process;

import brachion.core.physics.Physics;
import brachion.core.quantity.Temperature;
import brachion.core.wood.HailwoodHorrobinSorption;

/**
 * What can be done to a piece, with how strongly each exchanges heat and water. The transfer coefficients are round
 * numbers chosen by us for still water, condensing steam, moving and still air.
 */
public enum StageKind {
    /** Under water. */
    SOAK {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(water(mediumC));
        }
    },
    /** Under water hot enough to bend from. */
    HOT_BATH {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(water(mediumC));
        }
    },
    /** In a steam box. */
    STEAM_BOX {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(steam(400, mediumC, physics));
        }
    },
    /** In a steam bag, off the job or in place. */
    STEAM_BAG {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(steam(600, mediumC, physics));
        }
    },
    /** Sealed in a bag in simmering water. */
    SIMMER {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(Surface.heatOnly(1000, mediumC));
        }
    },
    /** Rocked over a hot pipe: the inner face touches it for a share of the time and hangs in the air for the rest. */
    HOT_PIPE {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            double touching = PIPE * stage.contact().share();
            double apart = STILL_AIR * (1 - stage.contact().share());
            double towards = (touching * mediumC + apart * stage.shopC()) / (touching + apart);
            Surface inner = stage.contact().wetted()
                    ? new Surface(touching + apart, towards, 1e-5, 0, FIBRE_SATURATION_PERCENT)
                    : Surface.heatOnly(touching + apart, towards);
            Surface air = Surface.heatOnly(STILL_AIR, stage.shopC());
            return new Surroundings(inner, air, air);
        }
    },
    /** From the heat to fully clamped. */
    CARRY {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(Surface.heatOnly(40, stage.shopC()));
        }
    },
    /** Clamped, with the steam still on. */
    STEAM_ON {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(steam(600, mediumC, physics));
        }
    },
    /** Clamped to the form. */
    FORM {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            Surface air = air(stage);
            return new Surroundings(Surface.heatOnly(100, stage.shopC()), air, air);
        }
    },
    /** On a drying rack or brace, air all round. */
    RACK {
        @Override
        Surroundings surroundings(Stage stage, double mediumC, Physics physics) {
            return Surroundings.all(air(stage));
        }
    };

    private static final double FIBRE_SATURATION_PERCENT = 30;
    private static final double STEAM_WETTING = 1e-6;
    private static final double PIPE = 300;
    private static final double STILL_AIR = 10;
    /**
     * Wood as hot as the saturated steam round it gives no water off, however wet it is: nothing takes the vapour away, and
     * what condenses keeps its faces wet. Green stock comes out of a box that breathes steam as wet as it went in (common
     * practice).
     */
    private static final double STEAM_DRYING = 0;

    /** What the faces see when the medium is at a temperature [°C]. */
    abstract Surroundings surroundings(Stage stage, double mediumC, Physics physics);

    /** Whether something is hot in it. */
    public boolean heats() {
        return switch (this) {
            case HOT_BATH, STEAM_BOX, STEAM_BAG, SIMMER, HOT_PIPE, STEAM_ON -> true;
            case SOAK, CARRY, FORM, RACK -> false;
        };
    }

    /** Whether it is one of the ways to soften the wood before it is bent. */
    public boolean softens() {
        return heats() && this != STEAM_ON;
    }

    /** Whether rules of thumb for steaming are about it. */
    public boolean ruledByThumb() {
        return this == STEAM_BOX || this == STEAM_BAG;
    }

    /** Whether it heats by steam, or water that boils, with a way out. */
    boolean steams() {
        return heats() && this != HOT_PIPE;
    }

    /** Whether steam lies against the piece, whose heat where it lies is easily another than a thermometer says. */
    boolean inSteam() {
        return this == STEAM_BOX || this == STEAM_BAG || this == STEAM_ON;
    }

    private static Surface water(double mediumC) {
        return new Surface(500, mediumC, 1e-4, 0, FIBRE_SATURATION_PERCENT);
    }

    private static Surface steam(double heatTransfer, double mediumC, Physics physics) {
        return new Surface(heatTransfer * physics.steamHeat(), mediumC, STEAM_WETTING, STEAM_DRYING,
                physics.steamMoisturePercent());
    }

    private static Surface air(Stage stage) {
        double towards = HailwoodHorrobinSorption.equilibriumMoisture(
                new Temperature(stage.shopC()), stage.relativeHumidity()).percent();
        return new Surface(15, stage.shopC(), 3e-8, 3e-8, towards);
    }
}
