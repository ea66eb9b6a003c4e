package brachion.core.quantity;

import java.util.Map;

/**
 * The kinds of measurement a person types, each with the unit it is kept in. The one grammar of every field and every
 * table: a unit that is written is honoured or refused, never dropped.
 */
public enum Measurement {
    /** A length [mm]. */
    LENGTH {
        @Override
        public double read(String text, UnitSystem bare) {
            return Length.parse(text, bare.bareLength()).millimetres();
        }
    },
    /** A temperature [°C]. */
    TEMPERATURE {
        @Override
        public double read(String text, UnitSystem bare) {
            return Temperature.parse(text, bare.bareTemperature()).celsius();
        }
    },
    /** A moisture content [%]. */
    MOISTURE {
        @Override
        public double read(String text, UnitSystem bare) {
            return Moisture.parse(text).percent();
        }
    },
    /** A relative humidity [%]. */
    HUMIDITY {
        @Override
        public double read(String text, UnitSystem bare) {
            return HUMIDITIES.read(text);
        }
    },
    /** A span of time, kept and meant in seconds. */
    SECONDS {
        @Override
        public double read(String text, UnitSystem bare) {
            return time(text, TimeUnit.SECOND);
        }
    },
    /** A span of time, kept and meant in minutes. */
    MINUTES {
        @Override
        public double read(String text, UnitSystem bare) {
            return time(text, TimeUnit.MINUTE);
        }
    },
    /** A span of time, kept and meant in hours. */
    HOURS {
        @Override
        public double read(String text, UnitSystem bare) {
            return time(text, TimeUnit.HOUR);
        }
    },
    /** A span of time, kept and meant in days. */
    DAYS {
        @Override
        public double read(String text, UnitSystem bare) {
            return time(text, TimeUnit.DAY);
        }
    },
    /** An angle [°]. */
    ANGLE {
        @Override
        public double read(String text, UnitSystem bare) {
            return ANGLES.read(text);
        }
    },
    /** A slope of grain as the run for a rise of one. */
    GRAIN_SLOPE {
        @Override
        public double read(String text, UnitSystem bare) {
            return SlopeReading.read(text);
        }
    },
    /** A whole number of things. */
    COUNT {
        @Override
        public double read(String text, UnitSystem bare) {
            return COUNTS.read(text);
        }
    },
    /** A height above the sea [m]; below it with a minus. A bare one is in feet where lengths are in inches. */
    ALTITUDE {
        @Override
        public double read(String text, UnitSystem bare) {
            String given = text == null ? "" : text.strip();
            boolean below = given.startsWith("-") || given.startsWith("−");
            double height = (bare == UnitSystem.INCH ? HEIGHTS_IN_FEET : HEIGHTS).read(below ? given.substring(1) : given);
            return below ? -height : height;
        }
    },
    /** A mass [g]. */
    MASS {
        @Override
        public double read(String text, UnitSystem bare) {
            return MASSES.read(text);
        }
    };

    private static final NumberReading HUMIDITIES = new NumberReading("a humidity", "45 or 45 %", Map.of("", 1.0, "%", 1.0, "% rh", 1.0));
    private static final NumberReading ANGLES = new NumberReading("an angle", "90, 90° or 0.5 turn",
            Map.of("", 1.0, "°", 1.0, "deg", 1.0, "degree", 1.0, "degrees", 1.0, "turn", 360.0, "turns", 360.0));
    private static final NumberReading COUNTS = new NumberReading("a whole number", "6",
            Map.of("", 1.0, "pieces", 1.0, "plies", 1.0)).whole();
    private static final NumberReading HEIGHTS = heights(1);
    private static final NumberReading HEIGHTS_IN_FEET = heights(LengthUnit.FOOT.millimetres() / 1000);
    /** Grams in an ounce and a pound (avoirdupois; exact by the international agreement of 1959). */
    private static final NumberReading MASSES = new NumberReading("a mass", "850 g, 1.2 kg, 30 oz or 2 lb",
            Map.of("", 1.0, "g", 1.0, "kg", 1000.0, "oz", 28.349523125, "lb", 453.59237, "lbs", 453.59237));

    /**
     * Reads what was typed.
     *
     * @param text what was typed
     * @param bare what a length or temperature without a unit means
     * @return the measurement in the unit it is kept in
     * @throws UnreadableQuantityException when the text is no such measurement, or could be two different ones
     */
    public abstract double read(String text, UnitSystem bare);

    private static NumberReading heights(double bareMetres) {
        double foot = LengthUnit.FOOT.millimetres() / 1000;
        return new NumberReading("a height", "200 m or 650 ft", Map.of("", bareMetres, "m", 1.0, "ft", foot, "feet", foot, "'", foot));
    }

    private static double time(String text, TimeUnit unit) {
        return Span.parse(text, unit).in(unit);
    }
}
