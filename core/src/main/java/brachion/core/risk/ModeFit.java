package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.physics.Unsure;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * What the records say of one failure mode of one method. Where breaks that nobody could see coming look like this mode,
 * the fit is a mixture over how large a share of pieces they are ({@link HiddenShare}).
 */
final class ModeFit {

    /**
     * Whatever the records say, the computation is off by a little for each recipe in a way of its own: about 8 % of strain,
     * on the log-odds scale; chosen by us.
     */
    private static final double COMPUTATION_SD = 0.5;
    /** A share of hidden flaws this unlikely is not looked at further. */
    private static final double UNLIKELY = 2e-3;
    /** Nor are those beyond one that lies this much below the best, in log probability. */
    private static final double HOPELESS = 12;

    private final ModeRisk risk;
    private final Layout layout;
    private final Map<Group, Double> groupSds;
    private final List<World> worlds;
    private final List<Row> rows;
    private final Map<RecordedTrial, Row> rowOf = new IdentityHashMap<>();

    /** A record that informs this mode. */
    private record Row(RecordedTrial trial, Observation observation) {
    }

    /**
     * One share of hidden flaws that is likely enough, with the fit if it is so large.
     *
     * @param weight its posterior probability
     * @param hidden the share
     * @param fit    all else, given it
     */
    record World(double weight, double hidden, LaplaceFit fit) {
    }

    private ModeFit(ModeRisk risk, Layout layout, Map<Group, Double> groupSds, List<World> worlds, List<Row> rows) {
        this.risk = risk;
        this.layout = layout;
        this.groupSds = groupSds;
        this.worlds = worlds;
        this.rows = rows;
        rows.forEach(row -> rowOf.put(row.trial(), row));
    }

    static ModeFit of(ModeRisk risk, List<RecordedTrial> trials) {
        List<RecordedTrial> informing = trials.stream()
                .filter(trial -> trial.trial().outcome().severityOf(risk.mode()).isPresent()).toList();
        Layout layout = new Layout(risk, informing.stream().map(trial -> trial.trial().recipe()).toList());
        List<Row> rows = new ArrayList<>();
        for (RecordedTrial trial : informing) {
            OptionalInt severity = trial.trial().outcome().severityOf(risk.mode());
            rows.add(new Row(trial, new Observation(trial.traits().logRatio(risk), features(risk, layout, trial),
                    severity.orElseThrow(), 1)));
        }
        // floating-point sums depend on their order; sorted, the same records always give the same fit
        rows.sort((a, b) -> compare(a.observation(), b.observation()));
        Observations observations = new Observations(rows.stream().map(Row::observation).toList(), layout.firstBoard(),
                layout.boards());
        boolean hides = risk.mode() == FailureMode.TENSION;
        GroupScales scales = new GroupScales(risk, layout, observations, speciesSds(layout, informing),
                hides ? HiddenShare.ordinary() : 0);
        Map<Group, Double> sds = scales.best();
        List<World> worlds = hides ? worlds(scales, sds, trials.stream().filter(ModeFit::split).count())
                : List.of(new World(1, 0, scales.fit(sds, 0, scales.latestMode())));
        return new ModeFit(risk, layout, sds, worlds, rows);
    }

    /** A piece that broke in a way no mode forecasts. */
    private static boolean split(RecordedTrial trial) {
        Outcome outcome = trial.trial().outcome();
        return outcome.severity() == Severity.BROKEN && outcome.flaw().flatMap(Flaw::mode).isEmpty();
    }

    /** Values of the share are tried one after the other away from the ordinary one, as long as they are not hopeless. */
    private static List<World> worlds(GroupScales scales, Map<Group, Double> sds, long splits) {
        double[] values = HiddenShare.values();
        double[] logWeight = HiddenShare.logPrior();
        LaplaceFit[] fits = new LaplaceFit[values.length];
        double[] first = scales.latestMode();
        double most = Double.NEGATIVE_INFINITY;
        for (int step : new int[] {1, -1}) {
            double[] start = first;
            int from = step > 0 ? HiddenShare.ORDINARY : HiddenShare.ORDINARY - 1;
            for (int i = from; i >= 0 && i < values.length; i += step) {
                fits[i] = scales.fit(sds, values[i], start);
                start = fits[i].mode();
                logWeight[i] += fits[i].logEvidence() + HiddenShare.logSplits(values[i], splits);
                most = Math.max(most, logWeight[i]);
                if (logWeight[i] < most - HOPELESS) {
                    break;
                }
            }
        }
        List<World> worlds = new ArrayList<>();
        double all = 0;
        for (int i = 0; i < values.length; i++) {
            double weight = fits[i] == null ? 0 : Math.exp(logWeight[i] - most);
            if (weight > UNLIKELY) {
                worlds.add(new World(weight, values[i], fits[i]));
                all += weight;
            }
        }
        double sum = all;
        return worlds.stream().map(each -> new World(each.weight() / sum, each.hidden(), each.fit())).toList();
    }

    private static Features features(ModeRisk risk, Layout layout, RecordedTrial trial) {
        Traits traits = trial.traits();
        return layout.features(traits.logRatio(risk).mean(), traits.asked(risk).unsure(), trial.trial().recipe());
    }

    private static int compare(Observation a, Observation b) {
        int bySeverity = Integer.compare(a.severity(), b.severity());
        if (bySeverity != 0) {
            return bySeverity;
        }
        int byLead = Arrays.compare(a.lead().value(), b.lead().value());
        if (byLead != 0) {
            return byLead;
        }
        int byValue = Arrays.compare(a.features().value(), b.features().value());
        return byValue != 0 ? byValue : Arrays.compare(a.features().index(), b.features().index());
    }

    private static double[] speciesSds(Layout layout, List<RecordedTrial> trials) {
        Map<String, Double> byName = new TreeMap<>();
        trials.forEach(trial -> byName.put(Group.SPECIES.of(trial.trial().recipe()),
                Group.speciesSd(trial.trial().recipe())));
        return layout.members(Group.SPECIES).keySet().stream().mapToDouble(byName::get).toArray();
    }

    ModeRisk risk() {
        return risk;
    }

    /** How large a share of hidden flaws may be, with the fit for each. */
    List<World> worlds() {
        return worlds;
    }

    /** The share of pieces that break whatever they are asked, as expected. */
    double hidden() {
        return average(World::hidden);
    }

    /** How far a piece stands from a severity if hidden flaws have one share: CLEAN or FLAW as the worst still accepted. */
    Margin margin(World world, Severity worst, Possible piece) {
        return margin(world, worst, piece.logRatio(risk), risk.unsure(piece.recipe(), piece.sensitivity()), piece.recipe());
    }

    /** The same of a piece of which just these numbers are known. */
    Margin margin(World world, Severity worst, double logRatio, double[] unsure, Recipe recipe) {
        return world.fit().margin(worst.ordinal(), layout.features(logRatio, unsure, recipe)).widened(unknownGroups(recipe));
    }

    /** The same whatever the share of hidden flaws: one normal distribution in place of the mixture. */
    Margin margin(Severity worst, Possible piece) {
        return blended(world -> margin(world, worst, piece));
    }

    private Margin blended(Function<World, Margin> of) {
        List<Margin> each = worlds.stream().map(of).toList();
        double mean = 0;
        double square = 0;
        for (int i = 0; i < each.size(); i++) {
            Margin margin = each.get(i);
            mean += worlds.get(i).weight() * margin.mean();
            square += worlds.get(i).weight() * (margin.mean() * margin.mean() + margin.sd() * margin.sd());
        }
        return new Margin(mean, Math.sqrt(Math.max(0, square - mean * mean)));
    }

    private double average(ToDoubleFunction<World> value) {
        return worlds.stream().mapToDouble(world -> world.weight() * value.applyAsDouble(world)).sum();
    }

    private World likeliest() {
        return worlds.stream().max(Comparator.comparingDouble(World::weight)).orElseThrow();
    }

    private Features features(Possible piece) {
        return layout.features(piece.logRatio(risk), risk.unsure(piece.recipe(), piece.sensitivity()), piece.recipe());
    }

    /** What a piece may do better or worse because it belongs to a group the records do not know. */
    private double unknownGroups(Recipe recipe) {
        double variance = COMPUTATION_SD * COMPUTATION_SD;
        for (Group group : Group.values()) {
            String name = group.of(recipe);
            if (!layout.members(group).containsKey(name)) {
                // where no record names any, only a piece that does is known to be one of several
                double sd = group == Group.SPECIES ? Group.speciesSd(recipe)
                        : groupSds.getOrDefault(group, name.isEmpty() ? 0 : GroupScales.PRIOR_SCALE);
                variance += sd * sd;
            }
        }
        return variance;
    }

    /** Rise of the log odds of damage when ln D rises by one. */
    double slope() {
        return mean(OrdinalModel.CUTS);
    }

    private double mean(int place) {
        return average(world -> world.fit().mean()[place]);
    }

    /** What covariates, unsure constants and groups add to the log odds of damage of a piece. */
    List<Effect> effects(Possible piece) {
        List<Effect> effects = new ArrayList<>();
        Features features = features(piece);
        double[] values = new double[layout.size()];
        for (int i = 0; i < features.index().length; i++) {
            values[features.index()[i]] = features.value()[i];
        }
        for (int i = 0; i < risk.covariates().size(); i++) {
            int place = layout.firstCovariate() + i;
            if (values[place] != 0) {
                effects.add(new Effect(risk.covariates().get(i).term(), values[place] * mean(OrdinalModel.CUTS + place)));
            }
        }
        double ofTheShop = 0;
        for (int i = 0; i < risk.unsure().size(); i++) {
            int place = layout.firstUnsure() + i;
            ofTheShop += values[place] * mean(OrdinalModel.CUTS + place);
        }
        if (ofTheShop != 0) {
            effects.add(new Effect(Term.SHOP_PHYSICS, ofTheShop));
        }
        for (Group group : Group.values()) {
            Integer place = layout.members(group).get(group.of(piece.recipe()));
            if (place != null) {
                effects.add(new Effect(group.term(), mean(OrdinalModel.CUTS + place)));
            }
        }
        return effects;
    }

    /** How many steps worse each unsure constant is believed to be, with the spread of that. */
    Map<Unsure, Margin> unsure() {
        Map<Unsure, Margin> steps = new java.util.EnumMap<>(Unsure.class);
        for (int i = 0; i < risk.unsure().size(); i++) {
            int place = OrdinalModel.CUTS + layout.firstUnsure() + i;
            steps.put(risk.unsure().get(i), blended(world -> new Margin(world.fit().mean()[place] / risk.slopeMean(),
                    Math.sqrt(world.fit().variance(place)) / risk.slopeMean())));
        }
        return steps;
    }

    /** What is believed of everything that may move this risk, but for the constants of the shop. */
    List<Belief> beliefs() {
        int[] with = new int[layout.size()];
        for (Row row : rows) {
            for (int place : row.observation().features().index()) {
                with[place]++;
            }
        }
        List<Belief> beliefs = new ArrayList<>();
        for (int i = 0; i < risk.covariates().size(); i++) {
            int place = layout.firstCovariate() + i;
            beliefs.add(belief(risk.covariates().get(i).term(), "", place, with[place]));
        }
        for (Group group : Group.values()) {
            layout.members(group).forEach((name, place) -> beliefs.add(belief(group.term(), name, place, with[place])));
        }
        return beliefs;
    }

    private Belief belief(Term term, String name, int place, int with) {
        int at = OrdinalModel.CUTS + place;
        Margin size = blended(world -> new Margin(world.fit().mean()[at], Math.sqrt(world.fit().variance(at))));
        return new Belief(risk.mode(), term, name, size.mean(), size.sd(), with, rows.size());
    }

    /** Chance that β of one covariate lies below that of another, and how many records carry either. */
    Contrast contrast(Term smaller, Term larger) {
        int a = place(smaller);
        int b = place(larger);
        int first = OrdinalModel.CUTS + a;
        int second = OrdinalModel.CUTS + b;
        Margin difference = blended(world -> new Margin(world.fit().mean()[second] - world.fit().mean()[first],
                Math.sqrt(Math.max(0, world.fit().variance(first) + world.fit().variance(second)
                        - 2 * world.fit().covariance().at(first, second)))));
        int with = (int) rows.stream().filter(row -> row.observation().features().at(a) != 0
                || row.observation().features().at(b) != 0).count();
        return new Contrast(difference.mean(), difference.sd(), with);
    }

    /** How having something compares with not having it. */
    Contrast helps(Term term) {
        int place = place(term);
        int with = (int) rows.stream().filter(row -> row.observation().features().at(place) != 0).count();
        Belief belief = belief(term, "", place, with);
        return new Contrast(-belief.mean(), belief.sd(), belief.trials());
    }

    private int place(Term term) {
        for (int i = 0; i < risk.covariates().size(); i++) {
            if (risk.covariates().get(i).term() == term) {
                return layout.firstCovariate() + i;
            }
        }
        throw new IllegalArgumentException(risk.mode() + " knows no " + term);
    }

    /**
     * How much the variance of a piece's margin would fall if another piece were tried, on average over how that might
     * end: wᵀ(I⁻¹ + G)⁻¹w with G the covariance of the other's two margins, w their covariance with this one, and I the
     * expected information of an ordinal outcome about them.
     */
    double varianceReduction(Severity worst, Possible piece, Possible tried) {
        LaplaceFit fit = likeliest().fit();
        double share = hidden();
        Features target = features(piece);
        Features other = features(tried);
        double[] w = {fit.covariance(worst.ordinal(), target, 0, other), fit.covariance(worst.ordinal(), target, 1, other)};
        double[][] information = Cavity.expectedInformation(fit.margin(0, other).mean(), fit.margin(1, other).mean(), share);
        return Cavity.reduction(w, spread(fit, other), information);
    }

    /** Covariance of the two margins of a piece. */
    private static double[][] spread(LaplaceFit fit, Features features) {
        double between = fit.covariance(0, features, 1, features);
        return new double[][] {{fit.covariance(0, features, 0, features), between},
            {between, fit.covariance(1, features, 1, features)}};
    }

    /**
     * The worlds as they would look without a record, each with the chance that the recorded piece does no worse: its own
     * likelihood is taken out of the normal approximation and out of the world's weight. A test compares that with
     * fitting anew.
     *
     * @param weight  probability of the world without the record
     * @param hidden  its share of hidden flaws
     * @param holds   chance that this mode does no worse to the piece, over every D it may have had
     */
    record Without(double weight, double hidden, double holds) {
    }

    List<Without> withoutOwnRecord(Severity worst, RecordedTrial trial) {
        Row row = rowOf.get(trial);
        Spread logRatio = trial.traits().logRatio(risk);
        Features features = row == null ? features(risk, layout, trial) : row.observation().features();
        double unknown = row == null ? unknownGroups(trial.trial().recipe()) : 0;
        List<Without> without = new ArrayList<>();
        double sum = 0;
        for (World world : worlds) {
            LaplaceFit fit = world.fit();
            double weight = world.weight();
            Margin accepted = fit.margin(worst.ordinal(), features).widened(unknown);
            if (row != null) {
                double[] mean = {fit.margin(0, features).mean(), fit.margin(1, features).mean()};
                Cavity cavity = new Cavity(mean, spread(fit, features), row.observation().severity(), world.hidden());
                accepted = cavity.margin(worst.ordinal());
                weight /= Math.max(1e-6, cavity.probability());
            }
            double slope = fit.mean()[OrdinalModel.CUTS];
            Margin at = accepted;
            double mean = logRatio.mean();
            double holds = logRatio.average(
                    each -> new Margin(at.mean() - slope * (each - mean), at.sd()).probability());
            without.add(new Without(weight, world.hidden(), holds));
            sum += weight;
        }
        double all = sum;
        return without.stream().map(each -> new Without(each.weight() / all, each.hidden(), each.holds())).toList();
    }
}
