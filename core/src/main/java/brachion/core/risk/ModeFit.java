package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;

/** What the records say of one failure mode of one method. */
final class ModeFit {

    private final ModeRisk risk;
    private final Layout layout;
    private final Map<Group, Double> groupSds;
    private final LaplaceFit fit;
    private final List<Row> rows;
    private final Map<RecordedTrial, Row> rowOf = new IdentityHashMap<>();

    /** A record that informs this mode. */
    private record Row(RecordedTrial trial, Observation observation) {
    }

    private ModeFit(ModeRisk risk, Layout layout, Map<Group, Double> groupSds, LaplaceFit fit, List<Row> rows) {
        this.risk = risk;
        this.layout = layout;
        this.groupSds = groupSds;
        this.fit = fit;
        this.rows = rows;
        rows.forEach(row -> rowOf.put(row.trial(), row));
    }

    static ModeFit of(ModeRisk risk, List<RecordedTrial> trials) {
        List<RecordedTrial> informing = new ArrayList<>();
        for (RecordedTrial trial : trials) {
            if (trial.trial().outcome().severityOf(risk.mode()).isPresent()) {
                informing.add(trial);
            }
        }
        Layout layout = new Layout(risk, informing.stream().map(trial -> trial.trial().recipe()).toList());
        List<Row> rows = new ArrayList<>();
        for (RecordedTrial trial : informing) {
            OptionalInt severity = trial.trial().outcome().severityOf(risk.mode());
            Features features = layout.features(trial.measured(layout), trial.trial().recipe());
            rows.add(new Row(trial, new Observation(trial.logRatio(risk), features, severity.orElseThrow(), 1)));
        }
        // floating-point sums depend on their order; sorted, the same records always give the same fit
        rows.sort((a, b) -> compare(a.observation(), b.observation()));
        Observations observations = new Observations(rows.stream().map(Row::observation).toList());
        GroupScales.Scaled scaled = new GroupScales(risk, layout, observations, speciesSds(layout, informing)).fit();
        return new ModeFit(risk, layout, scaled.sds(), scaled.fit(), rows);
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

    /** How far a piece stands from a severity: CLEAN or FLAW as the worst still accepted. */
    Margin margin(Severity worst, Possible piece) {
        return fit.margin(worst.ordinal(), features(piece)).widened(unknownGroups(piece.recipe()));
    }

    private Features features(Possible piece) {
        return layout.features(layout.measured(piece), piece.recipe());
    }

    /** What a piece may do better or worse because it belongs to a group the records do not know. */
    private double unknownGroups(Recipe recipe) {
        double variance = 0;
        for (Group group : Group.values()) {
            if (!layout.members(group).containsKey(group.of(recipe))) {
                double sd = group == Group.SPECIES ? Group.speciesSd(recipe) : groupSds.getOrDefault(group, 0.0);
                variance += sd * sd;
            }
        }
        return variance;
    }

    /** Rise of the log odds of damage when ln D rises by one. */
    double slope() {
        return fit.mode()[OrdinalModel.CUTS];
    }

    /** What covariates and groups add to the log odds of damage of a piece. */
    List<Effect> effects(Possible piece) {
        List<Effect> effects = new ArrayList<>();
        double[] measured = layout.measured(piece);
        for (int i = 1; i < measured.length; i++) {
            if (measured[i] != 0) {
                effects.add(new Effect(risk.covariates().get(i - 1).term(), measured[i] * fit.mode()[OrdinalModel.CUTS + i]));
            }
        }
        for (Group group : Group.values()) {
            Integer place = layout.members(group).get(group.of(piece.recipe()));
            if (place != null) {
                effects.add(new Effect(group.term(), fit.mode()[OrdinalModel.CUTS + place]));
            }
        }
        return effects;
    }

    /** What is believed of everything that may move this risk. */
    List<Belief> beliefs() {
        List<Belief> beliefs = new ArrayList<>();
        for (int i = 0; i < risk.covariates().size(); i++) {
            int place = 1 + i;
            beliefs.add(belief(risk.covariates().get(i).term(), "", place));
        }
        for (Group group : Group.values()) {
            layout.members(group).forEach((name, place) -> beliefs.add(belief(group.term(), name, place)));
        }
        return beliefs;
    }

    private Belief belief(Term term, String name, int place) {
        int with = (int) rows.stream().filter(row -> contains(row.observation().features().index(), place)).count();
        int at = OrdinalModel.CUTS + place;
        return new Belief(risk.mode(), term, name, fit.mode()[at], Math.sqrt(fit.covariance()[at][at]), with, rows.size());
    }

    private static boolean contains(int[] places, int place) {
        return Arrays.stream(places).anyMatch(each -> each == place);
    }

    /** Chance that β of one covariate lies below that of another, and how many records carry either. */
    Contrast contrast(Term smaller, Term larger) {
        int a = place(smaller);
        int b = place(larger);
        int first = OrdinalModel.CUTS + a;
        int second = OrdinalModel.CUTS + b;
        double mean = fit.mode()[second] - fit.mode()[first];
        double variance = fit.covariance()[first][first] + fit.covariance()[second][second]
                - 2 * fit.covariance()[first][second];
        int with = (int) rows.stream().filter(row -> contains(row.observation().features().index(), a)
                || contains(row.observation().features().index(), b)).count();
        return new Contrast(mean, Math.sqrt(variance), with);
    }

    /** How having something compares with not having it. */
    Contrast helps(Term term) {
        Belief belief = belief(term, "", place(term));
        return new Contrast(-belief.mean(), belief.sd(), belief.trials());
    }

    private int place(Term term) {
        for (int i = 0; i < risk.covariates().size(); i++) {
            if (risk.covariates().get(i).term() == term) {
                return 1 + i;
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
        Features target = features(piece);
        Features other = features(tried);
        double[] w = {fit.covariance(worst.ordinal(), target, 0, other), fit.covariance(worst.ordinal(), target, 1, other)};
        double[][] spread = spread(other);
        double[][] information = Cavity.expectedInformation(fit.margin(0, other).mean(), fit.margin(1, other).mean());
        return Cavity.reduction(w, spread, information);
    }

    /** Covariance of the two margins of a piece. */
    private double[][] spread(Features features) {
        double between = fit.covariance(0, features, 1, features);
        return new double[][] {{fit.covariance(0, features, 0, features), between},
            {between, fit.covariance(1, features, 1, features)}};
    }

    /** Chance that a recorded piece does no worse, forecast without its own record, over every D it may have had. */
    double holdsWithoutOwnRecord(Severity worst, RecordedTrial trial) {
        Margin margin = withoutOwnRecord(worst, trial);
        Spread logRatio = trial.logRatio(risk);
        double mean = logRatio.mean();
        return logRatio.average(each -> new Margin(margin.mean() - slope() * (each - mean), margin.sd()).probability());
    }

    /**
     * Margin of a recorded piece as it would have been forecast without its own record. One Newton step takes the
     * record out; a test compares that with fitting anew.
     */
    private Margin withoutOwnRecord(Severity worst, RecordedTrial trial) {
        Row row = rowOf.get(trial);
        if (row == null) {
            Features features = layout.features(trial.measured(layout), trial.trial().recipe());
            return fit.margin(worst.ordinal(), features).widened(unknownGroups(trial.trial().recipe()));
        }
        Features features = row.observation().features();
        double[] mean = {fit.margin(0, features).mean(), fit.margin(1, features).mean()};
        double[][] spread = spread(features);
        return Cavity.without(mean, spread, row.observation().severity(), worst.ordinal());
    }
}
