package brachion.server.forecasting;

import brachion.core.bench.RigItem;
import brachion.core.forecast.ModeForecast;
import brachion.core.forecast.Odds;
import brachion.core.forecast.SideBySide;
import brachion.core.forecast.SideBySide.Compared;
import brachion.core.forecast.SpringbackForecast;
import brachion.core.method.Equipment;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.process.Shop;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.schedule.DryingDays;
import brachion.server.forecasting.ForecastAnswer.MeasuredOut;
import brachion.server.forecasting.ForecastAnswer.SectionView;
import brachion.server.recipe.WantedChance;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import brachion.server.storage.Absent;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.Callable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Every way to the planned curve and section, one beside the other. */
@RestController
class SideBySideController {

    private final FittedRisk fitted;
    private final Workshops workshops;
    private final RigItems rig;

    SideBySideController(FittedRisk fitted, Workshops workshops, RigItems rig) {
        this.fitted = fitted;
        this.workshops = workshops;
        this.rig = rig;
    }

    /**
     * What is asked.
     *
     * @param recipe the bend as planned
     * @param wanted chance wanted that a piece does not break
     */
    record SideBySideRequest(@NotNull @Valid RecipeFields recipe, @WantedChance Double wanted) {
    }

    /**
     * The ways.
     *
     * @param ways       the good ones with the least attention first, then the others by their odds
     * @param impossible ways that cannot make it whatever is set
     */
    record SideBySideAnswer(List<WayBeside> ways, List<MethodKind> impossible) {

        static SideBySideAnswer of(SideBySide all, Collection<RigItem> rig, Shop dryingAir) {
            return new SideBySideAnswer(all.ways().parallelStream().map(way -> WayBeside.of(way, rig, dryingAir)).toList(), all.impossible());
        }
    }

    /**
     * One way.
     *
     * @param recipe         stock and settings
     * @param planned        whether it is the one that is planned
     * @param unbroken       odds that a piece does not break
     * @param limiting       the failure mode that limits it
     * @param section        the drawn section
     * @param sheet          what is measured out, as far as it is drawn
     * @param springback     how far it opens when it is let go
     * @param beyondRecords  whether it asks more than any record of its family did
     * @param trialsThisWay  how many records were bent so
     * @param hours          hours until it comes off the form or out of the clamps
     * @param attentionHours hours of them a person stands by it
     * @param dryDays        days from there until its mean is below 10 %, as computed; 0 where nothing was wetted, none where it never comes to that
     * @param equipment      what it needs at the bench, in the order of work
     * @param notAtHand      what of it the rig does not have, or has only for another bend; none when nobody described the rig
     */
    record WayBeside(RecipeFields recipe, boolean planned, Odds unbroken, ModeForecast limiting, SectionView section, List<MeasuredOut> sheet,
                     SpringbackForecast springback, boolean beyondRecords, int trialsThisWay, double hours, double attentionHours,
                     @Schema(nullable = true) Double dryDays, List<Equipment> equipment, List<Equipment> notAtHand) {

        static WayBeside of(Compared way, Collection<RigItem> rig, Shop dryingAir) {
            Recipe recipe = way.recipe();
            Recipe typical = UnknownInputs.typical(recipe);
            return new WayBeside(RecipeFields.of(recipe), way.planned(), way.forecast().unbroken(), way.forecast().limiting(),
                    SectionView.of(way.forecast().typical()), MeasuredOut.of(recipe), way.forecast().springback(),
                    way.forecast().beyondRecords(), way.forecast().bentBy(), way.hours(), way.attentionHours(),
                    recipe.method().stageKinds().isEmpty() ? Double.valueOf(0) : Absent.orNull(DryingDays.about(typical, dryingAir)), recipe.method().equipment(),
                    rig.isEmpty() ? List.of() : RigItem.missing(typical, rig));
        }
    }

    @PostMapping("/api/forecast/side-by-side")
    Callable<SideBySideAnswer> compare(@Valid @RequestBody SideBySideRequest request) {
        RiskModel risk = fitted.current().risk();
        Recipe planned = request.recipe().toRecipe(workshops.now());
        Collection<RigItemFields> things = rig.all().values();
        List<RigItem> atHand = things.stream().map(RigItemFields::toItem).toList();
        Shop dryingAir = RigItemFields.dryingAir(things, planned.shop());
        return () -> SideBySideAnswer.of(SideBySide.of(risk, planned, request.wanted()), atHand, dryingAir);
    }
}
