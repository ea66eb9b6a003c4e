package brachion.server.shape;

import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Chain;
import brachion.core.shape.Familiar;
import brachion.core.shape.FittedLine;
import brachion.core.shape.Place;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import brachion.server.recipe.Workshops;
import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Curves of several bends over HTTP. */
@RestController
@RequestMapping("/api/curves")
class CurveController {

    private final OddsOfTheShop odds;
    private final Workshops workshops;
    private final FormForCurve forms;
    private final KeptCurveService kept;

    CurveController(OddsOfTheShop odds, Workshops workshops, FormForCurve forms, KeptCurveService kept) {
        this.forms = forms;
        this.odds = odds;
        this.workshops = workshops;
        this.kept = kept;
    }

    /**
     * A curve that is asked about.
     *
     * @param recipe      the piece and the way it is bent; its own curve is not looked at
     * @param chain       the curve
     * @param strapTurned whether the strap is turned over for bends to the other side
     * @param overhangMm  left over at each end to be held by and cut off [mm]
     */
    record CurveRequest(@NotNull @Valid RecipeFields recipe, @NotNull(message = "The curve is needed.") @Valid ChainFields chain, boolean strapTurned,
                        @Within(PhysicalBound.OVERHANG_MM) double overhangMm) {
    }

    /**
     * A form that is asked for.
     *
     * @param curve the curve
     * @param form  what is wanted of the form
     */
    record FormRequest(@NotNull @Valid CurveRequest curve, @NotNull @Valid FormWantedFields form) {
    }

    /** What there is to say of a curve. */
    @PostMapping("/forecast")
    CurveReading forecast(@Valid @RequestBody CurveRequest asked) {
        Recipe recipe = asked.recipe().toRecipe(workshops.now());
        return ChainFields.asked("chain", () -> {
            Chain chain = asked.chain().toChain();
            return CurveReading.of(recipe, chain, odds.chains().forecast(recipe, chain, asked.strapTurned()), asked.overhangMm());
        });
    }

    /** A form for it. */
    @PostMapping("/form")
    FormReading form(@Valid @RequestBody FormRequest asked) {
        return FormReading.of(forms.made(asked.curve(), asked.form()).form());
    }

    /** A curve everybody knows by name, to start from. */
    @GetMapping("/familiar")
    ChainFields familiar(@RequestParam Familiar curve, @RequestParam @Within(PhysicalBound.INNER_RADIUS_MM) double innerRadiusMm,
                         @RequestParam @Within(PhysicalBound.ANGLE_DEGREES) double angleDegrees) {
        return ChainFields.of(curve.chain(innerRadiusMm, curve.usualDegrees(angleDegrees)));
    }

    /** A curve through places. */
    @PostMapping("/points")
    FittedReading points(@Valid @RequestBody PointsFields asked) {
        List<Place> places = asked.toPlaces();
        return ChainFields.asked(asked.text() == null ? "places" : "text", () -> FittedReading.ofPlaces(FittedLine.through(places, asked.toleranceMm()), asked.along(),
                asked.thicknessMm()));
    }

    @GetMapping("/kept")
    List<KeptCurve> kept() {
        return kept.all();
    }

    /** Keeps a curve; one of that name is this one from now on. */
    @Stores
    @PostMapping("/kept")
    KeptCurve keep(@Valid @RequestBody KeptCurveFields curve) {
        return kept.keep(curve);
    }

    @Stores
    @DeleteMapping("/kept/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable long id) {
        kept.discard(id);
    }

    @Stores
    @PostMapping("/kept/{id}/restoration")
    KeptCurve restore(@PathVariable long id) {
        return kept.restore(id);
    }
}
