package brachion.core.process;

/**
 * The piece at one moment of a stage: values at equal steps of depth in the middle of its width, inner face first.
 *
 * @param seconds         since the start of the stage [s]
 * @param softness        0 hard to 1 soft
 * @param moisturePercent moisture content [%]
 * @param celsius         temperature [°C]
 */
public record ProcessFrame(double seconds, double[] softness, double[] moisturePercent, double[] celsius) {

    static ProcessFrame of(double seconds, SectionField field, int depths) {
        return new ProcessFrame(seconds, field.profile(SectionField.Quantity.SOFTNESS, depths),
                field.profile(SectionField.Quantity.MOISTURE, depths),
                field.profile(SectionField.Quantity.TEMPERATURE, depths));
    }
}
