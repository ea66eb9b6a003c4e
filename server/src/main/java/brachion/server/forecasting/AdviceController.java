package brachion.server.forecasting;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.forecast.BendMap;
import brachion.core.forecast.Change;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Levers.Combination;
import brachion.core.forecast.Levers;
import brachion.core.forecast.NextTrials.Rung;
import brachion.core.forecast.NextTrials;
import brachion.core.forecast.Odds;
import brachion.core.forecast.Spares;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.RiskModel.Held;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Severity;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to change, where it would hold, what to try next, how many to cut. */
@RestController
@RequestMapping("/api/forecast")
class AdviceController {

    private static final String CHANCE = "A chance lies between 0.05 and 0.999.";

    private final FittedRisk fitted;

    AdviceController(FittedRisk fitted) {
        this.fitted = fitted;
    }

    /**
     * @param recipe the bend as planned
     * @param wanted chance wanted that it does not break
     */
    record LeversRequest(@NotNull @Valid RecipeFields recipe,
                         @NotNull @DecimalMin(value = "0.05", message = CHANCE) @DecimalMax(value = "0.999", message = CHANCE)
                         Double wanted) {
    }

    /**
     * One step.
     *
     * @param kind     what to change
     * @param amount   what it becomes
     * @param recipe   the recipe after it
     * @param unbroken odds then
     */
    record LeverView(Change.Kind kind, double amount, RecipeFields recipe, Odds unbroken) {
    }

    /**
     * @param kind   what to change
     * @param amount what it becomes
     */
    record ChangeView(Change.Kind kind, double amount) {
    }

    /**
     * Steps together.
     *
     * @param changes  the steps; none when nothing need change
     * @param recipe   the recipe after them
     * @param unbroken odds then
     * @param reaches  whether that is what was wanted
     */
    record CombinationView(List<ChangeView> changes, RecipeFields recipe, Odds unbroken, boolean reaches) {

        static CombinationView of(Combination found) {
            return new CombinationView(
                    found.changes().stream().map(change -> new ChangeView(change.kind(), change.amount())).toList(),
                    RecipeFields.of(found.recipe()), found.unbroken(), found.reaches());
        }
    }

    /**
     * @param now      odds as things are
     * @param levers   single steps, the most useful first
     * @param cheapest least trouble that reaches the wanted odds
     */
    record LeversAnswer(Odds now, List<LeverView> levers, CombinationView cheapest) {
    }

    @PostMapping("/levers")
    LeversAnswer levers(@Valid @RequestBody LeversRequest request) {
        Levers levers = Levers.of(new Forecaster(risk()), request.recipe().toRecipe(), request.wanted());
        return new LeversAnswer(levers.now(), levers.levers().stream().map(lever -> new LeverView(lever.change().kind(),
                lever.change().amount(), RecipeFields.of(lever.recipe()), lever.unbroken())).toList(),
                CombinationView.of(levers.cheapest()));
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
                    recipe.method() instanceof SteamBox steam ? steam.strap().map(Strap::material).orElse(null) : null);
        }
    }

    @PostMapping("/map")
    MapAnswer map(@Valid @RequestBody MapRequest request) {
        RiskModel risk = risk();
        BendMap map = BendMap.of(risk, request.recipe().toRecipe(), request.extent());
        return new MapAnswer(map.thicknessMm(), map.innerRadiusMm(), grid(map, 0), grid(map, 1), grid(map, 2),
                risk.records(request.recipe().method()).stream().map(PieceOnMap::of).toList());
    }

    /** Rounded to a thousandth, because a map is drawn, not computed with. */
    private static double[][] grid(BendMap map, int part) {
        return map.unbroken().stream().map(row -> row.stream().mapToDouble(odds -> Math.rint(1000
                * (part == 0 ? odds.probability() : part == 1 ? odds.low() : odds.high())) / 1000).toArray()).toArray(double[][]::new);
    }

    /**
     * @param recipe the bend the person is working towards
     * @param others          other bends whose forecasts matter too; may be empty
     * @param radiusMarkMm    radii are suggested in steps of this [mm]
     * @param thicknessMarkMm thicknesses are suggested in steps of this [mm]
     */
    record NextRequest(@NotNull @Valid RecipeFields recipe,
                       @NotNull @Size(max = 12, message = "Up to twelve bends can be kept in mind.") List<@NotNull @Valid RecipeFields> others,
                       @NotNull @Within(PhysicalBound.MARK_MM) Double radiusMarkMm,
                       @NotNull @Within(PhysicalBound.MARK_MM) Double thicknessMarkMm) {
    }

    /**
     * A trial worth making.
     *
     * @param recipe     the trial
     * @param unbroken   odds that it does not break
     * @param spreadNow  how uncertain the odds that matter are now, as a standard deviation
     * @param spreadThen how uncertain they would be after it, on average
     */
    record TrialToMake(RecipeFields recipe, Odds unbroken, double spreadNow, double spreadThen) {
    }

    /**
     * @param recipe   a bend on the way
     * @param unbroken odds that it does not break, now
     */
    record RungView(RecipeFields recipe, Odds unbroken) {

        static List<RungView> of(List<Rung> rungs) {
            return rungs.stream().map(rung -> new RungView(RecipeFields.of(rung.recipe()), rung.unbroken())).toList();
        }
    }

    /**
     * @param trials          the most telling first
     * @param radiusLadder    radii from safe to the target
     * @param thicknessLadder thicknesses from safe to the target
     */
    record NextAnswer(List<TrialToMake> trials, List<RungView> radiusLadder, List<RungView> thicknessLadder) {
    }

    @PostMapping("/next")
    NextAnswer next(@Valid @RequestBody NextRequest request) {
        NextTrials next = NextTrials.of(risk(), request.recipe().toRecipe(),
                request.others().stream().map(RecipeFields::toRecipe).toList(),
                new NextTrials.Marks(request.radiusMarkMm(), request.thicknessMarkMm()));
        return new NextAnswer(next.trials().stream().map(trial -> new TrialToMake(RecipeFields.of(trial.recipe()),
                trial.unbroken(), trial.spreadNow(), trial.spreadThen())).toList(),
                RungView.of(next.radiusLadder()), RungView.of(next.thicknessLadder()));
    }

    /**
     * @param recipe    the bend
     * @param good      pieces needed
     * @param certainty chance wanted that there are enough
     * @param flawsPass whether a piece with a flaw that can be mended counts as good
     */
    record SparesRequest(@NotNull @Valid RecipeFields recipe,
                         @NotNull @Min(value = 1, message = GOOD) @Max(value = 200, message = GOOD) Integer good,
                         @NotNull @DecimalMin(value = "0.05", message = CHANCE) @DecimalMax(value = "0.999", message = CHANCE)
                         Double certainty,
                         @NotNull Boolean flawsPass) {

        private static final String GOOD = "Between 1 and 200 good pieces can be planned for.";
    }

    /**
     * @param blanks     blanks to cut; missing when even 400 are too few
     * @param certainty  chance that enough of them come out good
     * @param bareOdds   chance without a spare
     * @param testPieces pieces to test first; missing when more than 12
     * @param perPiece   odds of one piece
     */
    record SparesAnswer(@Schema(nullable = true) Integer blanks, double certainty, double bareOdds,
                        @Schema(nullable = true) Integer testPieces, Odds perPiece) {
    }

    @PostMapping("/spares")
    SparesAnswer spares(@Valid @RequestBody SparesRequest request) {
        Spares spares = Spares.of(risk(), request.recipe().toRecipe(), request.good(), request.certainty(),
                request.flawsPass() ? Severity.FLAW : Severity.CLEAN);
        return new SparesAnswer(known(spares.blanks()), spares.certainty(), spares.bareOdds(), known(spares.testPieces()),
                spares.perPiece());
    }

    private static Integer known(OptionalInt number) {
        return number.isPresent() ? number.getAsInt() : null;
    }

    private RiskModel risk() {
        return fitted.current().risk();
    }
}
