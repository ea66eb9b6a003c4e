package brachion.server.shape;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapLoad;
import brachion.core.bending.StrapMaterial;
import brachion.core.form.StrapFitting;
import brachion.core.form.StrapFitting.Row;
import brachion.core.quantity.UnitSystem;
import jakarta.validation.constraints.NotNull;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A strap for a curve as it is shown.
 *
 * @param material       what it is made of
 * @param drilled        whether its stops are bolted on, if any bolts bear it
 * @param thicknessMm    its thickness [mm]
 * @param widthMm        its width [mm]
 * @param ends           how its ends are held
 * @param betweenStopsMm from stop to stop [mm]
 * @param pullN          what it pulls with on its stops where that is most [N]
 * @param stressMpa      tension in it there [MPa]
 * @param bearsMpa       tension it bears without staying longer [MPa]
 * @param endPressureMpa pressure of the stops on the end grain [MPa]
 * @param endCrushingMpa pressure under which the end grain crushes [MPa]
 * @param fittings       how it is made, with bolts of either system of units
 */
record StrapReading(@NotNull StrapMaterial material, @NotNull Boolean drilled, @NotNull Double thicknessMm, @NotNull Double widthMm, @NotNull StrapEnds ends, @NotNull Double betweenStopsMm, @NotNull Double pullN,
                    @NotNull Double stressMpa, @NotNull Double bearsMpa, @NotNull Double endPressureMpa, @NotNull Double endCrushingMpa, @NotNull List<StrapFittingReading> fittings) {

    /**
     * How it is made.
     *
     * @param units  whose bolts are taken
     * @param bandMm length of the band [mm]
     * @param bearsN pull the whole band bears with its margin [N]
     * @param bolt   the bolts of its stops; none where none are drilled for, or none bear it
     * @param holeMm their holes [mm]; none without bolts
     * @param atMm   where they are, from the face of the stop outwards [mm]; empty without bolts
     * @param tailMm how far the band goes on behind the face of the stop [mm]; none without bolts
     */
    record StrapFittingReading(@NotNull UnitSystem units, @NotNull Double bandMm, @NotNull Double bearsN, String bolt, Double holeMm, @NotNull List<Double> atMm, Double tailMm) {

        static StrapFittingReading of(UnitSystem units, StrapFitting fitting) {
            return new StrapFittingReading(units, fitting.bandMm(), fitting.bearsN(), fitting.bolts().map(row -> row.bolt().label()).orElse(null),
                    fitting.bolts().map(row -> row.bolt().holeMm()).orElse(null), fitting.bolts().map(Row::atMm).orElse(List.of()), fitting.bolts().map(Row::tailMm).orElse(null));
        }
    }

    static StrapReading of(Strap strap, StrapLoad load, double stockMm) {
        Map<UnitSystem, StrapFitting> fittings = new EnumMap<>(UnitSystem.class);
        for (UnitSystem units : UnitSystem.values()) {
            fittings.put(units, StrapFitting.of(strap, stockMm, load.pullN(), units));
        }
        // the same whoever's bolts are taken
        double between = fittings.get(UnitSystem.METRIC).betweenStopsMm();
        return new StrapReading(strap.material(), strap.ends() == StrapEnds.STOPS && strap.material().isMetal(), strap.thicknessMm(), strap.widthMm(), strap.ends(), between, load.pullN(),
                load.stressMpa(), strap.material().bearsMpa(), load.endPressureMpa(), load.endCrushingMpa(),
                fittings.entrySet().stream().map(each -> StrapFittingReading.of(each.getKey(), each.getValue())).toList());
    }
}
