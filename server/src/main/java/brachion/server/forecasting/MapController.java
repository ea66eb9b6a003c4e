package brachion.server.forecasting;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.forecast.BendMap;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.trial.Severity;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import brachion.server.recipe.Workshops;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.concurrent.Callable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a recipe would hold, whatever its thickness and radius. */
@RestController
@RequestMapping("/api/forecast")
class MapController {

    private final FittedRisk fitted;
    private final Workshops workshops;

    MapController(FittedRisk fitted, Workshops workshops) {
        this.fitted = fitted;
        this.workshops = workshops;
    }

    /**
     * @param recipe     the bend as planned; its thickness and radius run over the map
     * @param thinnestMm thinnest stock [mm]
     * @param thickestMm thickest stock [mm]
     * @param tightestMm tightest radius [mm]
     * @param widestMm   widest radius [mm]
     * @param columns    thicknesses, 2 to 80
     * @param rows       radii, 2 to 60
     */
    record MapRequest(
            @NotNull @Valid RecipeFields recipe,
            @NotNull @Within(PhysicalBound.THICKNESS_MM) Double thinnestMm,
            @NotNull @Within(PhysicalBound.THICKNESS_MM) Double thickestMm,
            @NotNull @Within(PhysicalBound.INNER_RADIUS_MM) Double tightestMm,
            @NotNull @Within(PhysicalBound.INNER_RADIUS_MM) Double widestMm,
            @NotNull @Min(2) @Max(80) Integer columns, @NotNull @Min(2) @Max(60) Integer rows) {

        BendMap.Extent extent() {
            if (!(thickestMm > thinnestMm)) {
                throw new RefusedFieldException("thickestMm", "The thickest stock must be thicker than the thinnest.");
            }
            if (!(widestMm > tightestMm)) {
                throw new RefusedFieldException("widestMm", "The widest radius must be wider than the tightest.");
            }
            return new BendMap.Extent(thinnestMm, thickestMm, tightestMm, widestMm, columns, rows);
        }
    }

    /**
     * The map.
     *
     * @param thicknessMm   thicknesses, rising [mm]
     * @param innerRadiusMm radii, rising [mm]
     * @param unbroken      chance of not breaking, a row for each radius with a value for each thickness
     * @param low           lower end of its range
     * @param high          upper end of its range
     * @param pieces        recorded pieces of the same method
     */
    record MapAnswer(double[] thicknessMm, double[] innerRadiusMm, double[][] unbroken, double[][] low, double[][] high,
                     List<PieceOnMap> pieces) {
    }

    /**
     * A recorded piece.
     *
     * @param trialId       key of the trial
     * @param speciesId     its wood
     * @param thicknessMm   its thickness [mm]
     * @param innerRadiusMm its radius [mm]
     * @param severity      how it ended
     * @param support       what lay on its outer face; missing when nothing did
     */
    record PieceOnMap(long trialId, String speciesId, double thicknessMm, double innerRadiusMm, Severity severity,
                      @Schema(nullable = true) StrapMaterial support) {

        static PieceOnMap of(Held held) {
            Recipe recipe = held.trial().recipe();
            return new PieceOnMap(held.trial().id(), recipe.blank().species().id(), recipe.blank().thicknessMm(),
                    recipe.bend().innerRadiusMm(), held.trial().outcome().severity(),
                    recipe.method().strap().map(Strap::material).orElse(null));
        }
    }

    @PostMapping("/map")
    Callable<MapAnswer> map(@Valid @RequestBody MapRequest request) {
        return () -> draw(request);
    }

    private MapAnswer draw(MapRequest request) {
        RiskModel risk = fitted.current().risk();
        BendMap map = BendMap.of(risk, request.recipe().toRecipe(workshops.now()), request.extent());
        return new MapAnswer(map.thicknessMm(), map.innerRadiusMm(), grid(map, 0), grid(map, 1), grid(map, 2),
                risk.records(request.recipe().method().kind().family()).stream().map(PieceOnMap::of).toList());
    }

    /** Rounded to a thousandth, because a map is drawn, not computed with. */
    private static double[][] grid(BendMap map, int part) {
        return map.unbroken().stream().map(row -> row.stream().mapToDouble(odds -> Math.rint(1000
                * (part == 0 ? odds.probability() : part == 1 ? odds.low() : odds.high())) / 1000).toArray()).toArray(double[][]::new);
    }
}
