package brachion.core.process;

import java.util.List;

/**
 * The cross-section of a piece at one moment of its process, in equal steps.
 *
 * @param softness        rows from the inner to the outer face, in each row values from the middle of the width to the edge
 * @param moisturePercent the same for moisture [%]
 * @param celsius         the same for temperature [°C]
 */
public record SectionPicture(double[][] softness, double[][] moisturePercent, double[][] celsius) {

    private static final int DEPTHS = 15;
    private static final int COLUMNS = 15;

    /**
     * Follows a piece to a moment.
     *
     * @param plan    the stages in order
     * @param stage   place of the stage that is looked at
     * @param seconds time since it began [s], up to its length
     */
    public static SectionPicture at(Piece piece, List<Stage> plan, int stage, double seconds) {
        if (stage < 0 || stage >= plan.size()) {
            throw new IllegalArgumentException("There are " + plan.size() + " stages, counted from 0; not " + stage);
        }
        ProcessSimulation simulation = new ProcessSimulation(piece);
        plan.subList(0, stage).forEach(simulation::run);
        double until = Math.min(seconds, plan.get(stage).seconds());
        SectionField field = until > 0 ? simulation.run(plan.get(stage).lasting(until)) : simulation.field();
        return new SectionPicture(field.picture(SectionField.Quantity.SOFTNESS, DEPTHS, COLUMNS),
                field.picture(SectionField.Quantity.MOISTURE, DEPTHS, COLUMNS),
                field.picture(SectionField.Quantity.TEMPERATURE, DEPTHS, COLUMNS));
    }
}
