package brachion.core.forecast;

import brachion.core.forecast.Reason.Cause;
import brachion.core.method.Demand;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.risk.FailureMode;
import brachion.core.risk.Margin;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Severity;
import brachion.core.risk.UnknownInputs;
import brachion.core.risk.Weighted;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Forecasts a bend from the fitted risk. A piece is unbroken when no mode breaks it, so its probability is the product
 * over the modes. The probability is the mean over the posterior of the fit and over everything that is not known of
 * the blank; the range holds the middle 80 % of the same spread.
 */
public final class Forecaster {

    private static final double NEAR_FACTOR = 1.35;
    private static final double BEYOND_FACTOR = 1.1;
    private static final double LOW = 0.10;
    private static final double HIGH = 0.90;
    /** Moisture at which the published radii suppose the stock to be [%]. */
    private static final double WET_PERCENT = 22;
    private static final RiskModel TABLES = RiskModel.withoutRecords();

    private final RiskModel risk;

    /** A forecaster that answers from this fit. */
    public Forecaster(RiskModel risk) {
        this.risk = risk;
    }

    /** A recipe that could be the one asked about, with what it asks of the wood. */
    private record Possible(double weight, Recipe recipe, Demand demand) {
    }

    /** Forecasts a recipe; what is not known of the blank is spread over what it could be. */
    public Forecast forecast(Recipe recipe) {
        List<Possible> possible = new ArrayList<>();
        for (Weighted<Recipe> each : UnknownInputs.possibilities(recipe)) {
            possible.add(new Possible(each.weight(), each.value(), each.value().demand()));
        }
        Recipe typical = UnknownInputs.typical(recipe);
        Demand demand = typical.demand();
        List<ModeForecast> modes = modes(possible, typical, demand);
        MethodKind kind = recipe.method().kind();
        FailureMode limiting = modes.get(0).mode();
        boolean beyond = modes.get(0).ratio() > BEYOND_FACTOR * risk.hardestRecord(kind, limiting);
        return new Forecast(odds(risk, possible, Severity.FLAW), odds(risk, possible, Severity.CLEAN),
                odds(TABLES, possible, Severity.FLAW), modes, demand,
                new Evidence(risk.trials(kind), risk.recordsNear(kind, demand, NEAR_FACTOR), beyond));
    }

    /** Mean and middle 80 % over the posterior of both modes and over what the blank could be. */
    private static Odds odds(RiskModel model, List<Possible> possible, Severity worst) {
        int parts = Margin.PARTS;
        double[][] samples = new double[possible.size() * parts * parts][];
        int next = 0;
        double mean = 0;
        for (Possible each : possible) {
            Margin tension = model.margin(FailureMode.TENSION, worst, each.recipe(), each.demand());
            Margin compression = model.margin(FailureMode.COMPRESSION, worst, each.recipe(), each.demand());
            double weight = each.weight() / (parts * parts);
            for (int i = 0; i < parts; i++) {
                double tensionHolds = tension.probability(i);
                for (int j = 0; j < parts; j++) {
                    double holds = tensionHolds * compression.probability(j);
                    samples[next++] = new double[] {holds, weight};
                    mean += weight * holds;
                }
            }
        }
        Arrays.sort(samples, Comparator.comparingDouble(sample -> sample[0]));
        return new Odds(mean, quantile(samples, LOW), quantile(samples, HIGH));
    }

    private static double quantile(double[][] sorted, double share) {
        double below = 0;
        for (double[] sample : sorted) {
            below += sample[1];
            if (below >= share) {
                return sample[0];
            }
        }
        return sorted[sorted.length - 1][0];
    }

    private List<ModeForecast> modes(List<Possible> possible, Recipe typical, Demand demand) {
        return List.of(
                        mode(FailureMode.TENSION, demand.state().outerStrain(), demand.limits().tension(),
                                demand.tensionRatio(), possible, typical, demand),
                        mode(FailureMode.COMPRESSION, -demand.state().innerStrain(), demand.limits().compression(),
                                demand.compressionRatio(), possible, typical, demand))
                .stream().sorted(Comparator.comparingDouble(ModeForecast::broken).reversed()).toList();
    }

    private ModeForecast mode(FailureMode mode, double strain, double limit, double ratio, List<Possible> possible,
                              Recipe typical, Demand demand) {
        double broken = 0;
        for (Possible each : possible) {
            Margin margin = risk.margin(mode, Severity.FLAW, each.recipe(), each.demand());
            for (int part = 0; part < Margin.PARTS; part++) {
                broken += each.weight() * (1 - margin.probability(part)) / Margin.PARTS;
            }
        }
        return new ModeForecast(mode, ratio, strain, limit, broken, reasons(mode, typical, demand));
    }

    /** Splits b·ln D + β_knots into what curve, carry, dryness, heat, grain and knots each add. */
    private List<Reason> reasons(FailureMode mode, Recipe recipe, Demand demand) {
        MethodKind kind = recipe.method().kind();
        double slope = risk.slope(kind, mode);
        double asIs = mode.ratio(demand);
        double straight = mode.ratio(demand.straightGrained());
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(Cause.SLOPING_GRAIN, slope * Math.log(asIs / straight)));
        double curve = straight;
        if (recipe.method() instanceof SteamBox steam) {
            Recipe atOnce = new Recipe(recipe.blank(), recipe.bend(), steam.withCarrySeconds(0));
            double uncooled = mode.ratio(atOnce.demand().straightGrained());
            double wet = recipe.blank().moisturePercent().orElseThrow() >= WET_PERCENT ? uncooled : mode.ratio(
                    atOnce.withBlank(recipe.blank().withMoisturePercent(WET_PERCENT)).demand().straightGrained());
            curve = mode.ratio(demand.straightGrained().thoroughlySoftened());
            reasons.add(new Reason(Cause.CARRY, slope * Math.log(straight / uncooled)));
            reasons.add(new Reason(Cause.DRY_WOOD, slope * Math.log(uncooled / wet)));
            reasons.add(new Reason(Cause.TOO_LITTLE_HEAT, slope * Math.log(wet / curve)));
        }
        reasons.add(new Reason(Cause.CURVE, slope * Math.log(curve)));
        if (recipe.blank().knots() == Knots.IN_BEND) {
            reasons.add(new Reason(Cause.KNOTS, risk.knotEffect(kind, mode)));
        }
        return reasons.stream().sorted(Comparator.comparingDouble(Reason::size).reversed()).toList();
    }
}
