package brachion.core.forecast;

import brachion.core.forecast.MissingMeasurement.What;
import brachion.core.method.FailureMode;
import brachion.core.method.Demand;
import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.physics.Unsure;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.risk.SpringbackModel.Opening;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Forecasts a bend from the fitted risk. The probability is the mean over the posterior of the fit and over everything
 * that is not known of the blank; the range holds the middle 80 % of the same spread.
 */
public final class Forecaster {

    private static final int FORM_ROUNDS = 4;
    private static final int ROUGH_POINTS = 480;
    private static final double SMALLEST_FORM_MM = PhysicalBound.INNER_RADIUS_MM.lowest();
    /** Constants of the shop that can be measured there, and how. */
    private static final Map<Unsure, What> OF_THE_SHOP = Map.of(Unsure.BOX_HEAT, What.BOX_HEAT, Unsure.STEAM_HEAT, What.STEAM_HEAT,
            Unsure.WATER_UPTAKE, What.WATER_UPTAKE, Unsure.STEAM_MOISTURE, What.STEAM_MOISTURE);
    /** A constant of the shop is worth measuring when that narrows the range by more than this. */
    private static final double WORTH_MEASURING = 0.01;
    private static final RiskModel TABLES = RiskModel.withoutRecords();

    private final RiskModel risk;

    /** A forecaster that answers from this fit. */
    public Forecaster(RiskModel risk) {
        this.risk = risk;
    }

    /** Forecasts a recipe; what is not known of the blank is spread over what it could be. */
    public Forecast forecast(Recipe recipe) {
        List<Possible> possible = Possible.of(recipe);
        Possible typical = Possible.typical(recipe, possible);
        List<ModeForecast> modes = modes(possible, typical);
        Family family = recipe.method().family();
        Precedents precedents = new Precedents(risk, family);
        FailureMode limiting = modes.get(0).mode();
        boolean measured = recipe.blank().moisturePercent().isPresent();
        Precedents.Apart apart = precedents.apart(typical);
        Precedents.Near near = precedents.near(apart, typical.recipe().blank().species());
        Evidence evidence = new Evidence(risk.trials(family), risk.bentBy(recipe.method().kind()), near.all(),
                new Evidence.OfOtherShops(risk.ofOtherShops(family), near.ofOtherShops()),
                precedents.beyond(limiting, typical), guesses(limiting, typical),
                new Neighbours(precedents, apart, typical, measured).nearest());
        List<BlemishForecast> blemishes = BlemishForecast.of(risk, typical.recipe());
        double unspoilt = blemishes.stream().mapToDouble(each -> 1 - each.chance()).reduce(1, (a, b) -> a * b);
        return new Forecast(unbroken(possible), OddsSpread.of(risk, possible, Severity.CLEAN).odds().times(unspoilt),
                OddsSpread.of(TABLES, possible, Severity.FLAW).odds(), risk.hidden(recipe), modes, blemishes, typical.demand(),
                springback(typical), missing(recipe, possible), evidence);
    }

    /**
     * A forecast without its grounds, for comparing.
     *
     * @param unbroken      odds that it does not break
     * @param limiting      the failure mode that limits it
     * @param typical       the section of the most ordinary piece this could be
     * @param springback    how far it opens
     * @param bentBy        how many records were bent this way
     * @param beyondRecords whether it asks more than any record did, in the mode that limits it
     */
    public record InShort(Odds unbroken, ModeForecast limiting, Demand typical, SpringbackForecast springback, int bentBy, boolean beyondRecords) {
    }

    /** What {@link #forecast} says of the odds and the piece, in a fraction of the time. */
    public InShort inShort(Recipe recipe) {
        return inShort(recipe, Possible.of(recipe));
    }

    /** The same, when all that the recipe could be is known already. */
    InShort inShort(Recipe recipe, List<Possible> possible) {
        Possible typical = Possible.typical(recipe, possible);
        ModeForecast limiting = modes(possible, typical).get(0);
        Precedents precedents = new Precedents(risk, recipe.method().family());
        return new InShort(unbroken(possible), limiting, typical.demand(), springback(typical), risk.bentBy(recipe.method().kind()),
                precedents.beyond(limiting.mode(), typical));
    }

    /** Whether a recipe asks more than any record of its method did, in the mode that limits it. */
    boolean beyondRecords(Recipe recipe) {
        Possible piece = Possible.roughly(UnknownInputs.typical(recipe));
        return new Precedents(risk, recipe.method().family()).beyond(risk.limiting(piece), piece);
    }

    /** Just the odds that a recipe does not break. */
    public Odds unbroken(Recipe recipe) {
        return unbroken(Possible.of(recipe));
    }

    private Odds unbroken(List<Possible> possible) {
        return OddsSpread.of(risk, possible, Severity.FLAW).odds();
    }

    /** From fewer points, where only widths are compared. */
    private Odds roughly(List<Possible> possible) {
        return OddsSpread.of(risk, possible, Severity.FLAW, Math.max(1, ROUGH_POINTS / possible.size())).odds();
    }

    /** Share of the variance of the limiting mode's margin that would go if the unsure constants were known. */
    private double guesses(FailureMode limiting, Possible piece) {
        double all = risk.margin(limiting, Severity.FLAW, piece).sd();
        double known = risk.margin(limiting, Severity.FLAW,
                new Possible(1, piece.recipe(), piece.demand(), Sensitivity.NONE)).sd();
        return Math.max(0, 1 - known * known / (all * all));
    }

    private List<ModeForecast> modes(List<Possible> possible, Possible typical) {
        List<ModeForecast> modes = new ArrayList<>();
        for (FailureMode mode : risk.modes(typical.recipe())) {
            double broken = 0;
            for (Possible each : possible) {
                broken += each.weight() * (1 - risk.margin(mode, Severity.FLAW, each).probability());
            }
            double ratio = risk.ratio(mode, typical);
            double strain = risk.strain(mode, typical);
            modes.add(new ModeForecast(mode, ratio, strain, strain / ratio, broken, Reasons.of(risk, mode, typical)));
        }
        modes.sort(Comparator.comparingDouble(ModeForecast::broken).reversed());
        return modes;
    }

    /** Springback at the radius asked for, and the form that opens to it, by repeated substitution. */
    private SpringbackForecast springback(Possible typical) {
        double wanted = typical.recipe().bend().innerRadiusMm();
        Opening opening = risk.springback().opening(typical);
        return new SpringbackForecast(wanted * opening.middle(), wanted * opening.low(), wanted * opening.high(),
                wanted * opening.computed(), formRadiusMm(typical, opening.middle()), opening.measured());
    }

    /** The form a piece opens from to the radius asked for [mm]. */
    double formRadiusMm(Possible typical) {
        return formRadiusMm(typical, risk.springback().expectedOpening(typical));
    }

    private double formRadiusMm(Possible typical, double opens) {
        double wanted = typical.recipe().bend().innerRadiusMm();
        double form = wanted / opens;
        for (int round = 1; round < FORM_ROUNDS; round++) {
            Recipe onForm = typical.recipe().withInnerRadiusMm(Math.max(form, SMALLEST_FORM_MM));
            form = wanted / risk.springback().expectedOpening(Possible.roughly(onForm));
        }
        return form;
    }

    private List<MissingMeasurement> missing(Recipe recipe, List<Possible> possible) {
        List<MissingMeasurement> missing = new ArrayList<>();
        Odds asIs = roughly(possible);
        double width = asIs.high() - asIs.low();
        if (recipe.blank().moisturePercent().isEmpty()) {
            missing.add(new MissingMeasurement(What.MOISTURE, width,
                    widthWhenKnown(possible, width, each -> each.recipe().blank().moisturePercent().orElseThrow())));
        }
        if (recipe.blank().grainRun().isEmpty()) {
            missing.add(new MissingMeasurement(What.GRAIN_SLOPE, width,
                    widthWhenKnown(possible, width, each -> each.recipe().blank().grainRun().orElseThrow())));
        }
        OF_THE_SHOP.forEach((constant, what) -> {
            if (possible.get(0).sensitivity().hangsOn(constant)) {
                Odds then = roughly(possible.stream().map(each -> new Possible(each.weight(), each.recipe(), each.demand(),
                        each.sensitivity().without(constant))).toList());
                if (then.high() - then.low() < width - WORTH_MEASURING) {
                    missing.add(new MissingMeasurement(what, width, then.high() - then.low()));
                }
            }
        });
        missing.sort(Comparator.comparingDouble(MissingMeasurement::widthThen));
        return missing;
    }

    /** Mean width of the range once a value is known, over the values it could have; knowing more never widens it. */
    private double widthWhenKnown(List<Possible> possible, double asIs, Function<Possible, Double> value) {
        Map<Double, List<Possible>> byValue = new LinkedHashMap<>();
        possible.forEach(each -> byValue.computeIfAbsent(value.apply(each), v -> new ArrayList<>()).add(each));
        double width = 0;
        for (List<Possible> same : byValue.values()) {
            double weight = same.stream().mapToDouble(Possible::weight).sum();
            List<Possible> scaled = same.stream()
                    .map(each -> each.weighing(each.weight() / weight)).toList();
            Odds odds = roughly(scaled);
            width += weight * (odds.high() - odds.low());
        }
        return Math.min(width, asIs);
    }
}
