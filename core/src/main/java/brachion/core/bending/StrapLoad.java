package brachion.core.bending;

/**
 * What a strap bears.
 *
 * @param pullN          what it pulls with on its anchor and on the stops at the ends of the piece [N]
 * @param stressMpa      tension in it [MPa]
 * @param endPressureMpa pressure of its stops on the end grain [MPa]
 * @param endCrushingMpa pressure under which the end grain crushes [MPa]
 */
public record StrapLoad(double pullN, double stressMpa, double endPressureMpa, double endCrushingMpa) {
}
