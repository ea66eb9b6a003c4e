package brachion.core.process;

import brachion.core.quantity.LengthUnit;

/** The rules of thumb for steaming time that workshops quarrel over (common practice, no source). */
public enum SteamingSchool {
    /** Three quarters of an hour for each inch of thickness. */
    THREE_QUARTERS_AN_INCH {
        @Override
        public double minutes(double thicknessMm) {
            return 45 * inches(thicknessMm);
        }
    },
    /** An hour for each inch of thickness. */
    HOUR_AN_INCH {
        @Override
        public double minutes(double thicknessMm) {
            return 60 * inches(thicknessMm);
        }
    },
    /** A fixed hour for anything thin, and an hour an inch above that. */
    FLAT_HOUR {
        @Override
        public double minutes(double thicknessMm) {
            return Math.max(60, 60 * inches(thicknessMm));
        }
    },
    /** Two hours or more, however thin. */
    TWO_HOURS {
        @Override
        public double minutes(double thicknessMm) {
            return 120;
        }
    };

    /** Minutes in the chamber for a thickness [mm]. */
    public abstract double minutes(double thicknessMm);

    private static double inches(double thicknessMm) {
        return thicknessMm / LengthUnit.INCH.millimetres();
    }
}
