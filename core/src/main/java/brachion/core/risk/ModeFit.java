package brachion.core.risk;

import brachion.core.method.Family;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.risk.ModeRecords.Row;
import brachion.core.risk.Worlds.World;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the records say of one failure mode of one method. Where breaks that nobody could see coming look like this mode,
 * the fit is a mixture over how large a share of pieces they are ({@link HiddenShare}).
 */
final class ModeFit {

    /**
     * Whatever the records say, the computation is off by a little for each recipe in a way of its own: about 8 % of strain,
     * on the log-odds scale; chosen by us.
     */
    static final double COMPUTATION_SD = 0.5;

    private final ModeRecords records;
    private final Map<Group, Double> groupSds;
    private final Worlds worlds;
    private final Proneness proneness;
    private final ModeBeliefs beliefs;

    private ModeFit(ModeRecords records, Map<Group, Double> groupSds, Worlds worlds, Proneness proneness) {
        this.records = records;
        this.groupSds = groupSds;
        this.worlds = worlds;
        this.proneness = proneness;
        this.beliefs = new ModeBeliefs(records, worlds);
    }

    static ModeFit of(ModeRisk risk, List<RecordedTrial> trials) {
        return of(risk, trials, Optional.empty());
    }

    /** @param found where a search among the same records ended before, empty where there was none */
    static ModeFit of(ModeRisk risk, List<RecordedTrial> trials, Optional<FoundMode> found) {
        ModeRecords records = ModeRecords.of(risk, trials);
        return found.flatMap(before -> again(records, before)).orElseGet(() -> searched(records, trials));
    }

    private static ModeFit searched(ModeRecords records, List<RecordedTrial> trials) {
        List<Recipe> splits = ModeSearch.hides(records.risk()) ? trials.stream().filter(ModeFit::split).map(trial -> trial.trial().recipe()).toList()
                : List.of();
        ModeSearch found = ModeSearch.of(records, splits);
        return new ModeFit(records, found.sds(), found.settled(), found.proneness());
    }

    /** The fit of records as a search found it before; empty where that is none of them. */
    private static Optional<ModeFit> again(ModeRecords records, FoundMode found) {
        Map<Group, Double> sds = new EnumMap<>(Group.class);
        found.groups().forEach(each -> sds.put(each.group(), each.sd()));
        Proneness proneness = new Proneness(found.suspect(), found.sources().stream().collect(
                Collectors.toMap(FoundMode.Factor::source, FoundMode.Factor::times, (one, other) -> one, TreeMap::new)));
        GroupScales scales = ModeSearch.scales(records, proneness);
        List<World> worlds = found.shares().stream().flatMap(share -> scales.again(sds, share)
                .map(fit -> new World(share.weight(), share.hidden(), fit)).stream()).toList();
        return worlds.isEmpty() || worlds.size() < found.shares().size() ? Optional.empty() : Optional.of(new ModeFit(records, sds, new Worlds(worlds), proneness));
    }

    /** Where the search ended. */
    FoundMode found(Family family) {
        return new FoundMode(family, risk().mode(), groupSds.entrySet().stream().map(each -> new FoundMode.Difference(each.getKey(), each.getValue())).toList(),
                proneness.suspect(), proneness.source().entrySet().stream().map(each -> new FoundMode.Factor(each.getKey(), each.getValue())).toList(),
                worlds().stream().map(world -> new FoundMode.Share(world.weight(), world.hidden(), world.fit().mode(), world.fit().mean(), world.fit().logEvidence())).toList());
    }

    /** A piece that broke in a way no mode forecasts. */
    private static boolean split(RecordedTrial trial) {
        Outcome outcome = trial.trial().outcome();
        return outcome.severity() == Severity.BROKEN && outcome.flaw().flatMap(flaw -> flaw.mode(trial.trial().recipe())).isEmpty();
    }

    /** This fit with one more record counted in, nearly as a new one would. */
    ModeFit with(RecordedTrial trial) {
        OneMore more = new OneMore(records, groupSds, proneness);
        if (ModeRecords.inform(risk(), trial)) {
            ModeRecords all = records.with(trial);
            Map<Group, Double> sds = new EnumMap<>(Group.class);
            Arrays.stream(Group.values()).filter(group -> group != Group.SPECIES && !all.layout().members(group).isEmpty())
                    .forEach(group -> sds.put(group, groupSds.getOrDefault(group, group.priorScale())));
            return new ModeFit(all, sds, more.after(worlds, all), proneness);
        }
        return ModeSearch.hides(risk()) && split(trial)
                ? new ModeFit(records, groupSds, more.afterSplit(worlds, trial.trial().recipe()), proneness) : this;
    }

    ModeRisk risk() {
        return records.risk();
    }

    private Layout layout() {
        return records.layout();
    }

    /** How large a share of hidden flaws may be, with the fit for each. */
    List<World> worlds() {
        return worlds.likely();
    }

    /** How much more or less often than usual stock a piece hides a flaw. */
    Proneness proneness() {
        return proneness;
    }

    /** The share of pieces that break whatever they are asked, as expected of usual stock. */
    double hidden() {
        return worlds.hidden();
    }

    /** The same among pieces like one, if it has one value among usual stock. */
    double hidden(double usual, Recipe recipe) {
        return RecordLikelihood.hidden(usual, proneness.of(recipe));
    }

    /** How far a piece stands from a severity if hidden flaws have one share: CLEAN or FLAW as the worst still accepted. */
    Margin margin(World world, Severity worst, Features features, Recipe recipe) {
        return world.fit().margin(worst.ordinal(), features).widened(unknownGroups(recipe));
    }

    /** The same whatever the share of hidden flaws: one normal distribution in place of the mixture. */
    Margin margin(Severity worst, Possible piece) {
        Features features = features(piece);
        return worlds.blended(world -> margin(world, worst, features, piece.recipe()));
    }

    /** What a piece brings to this mode. */
    Features features(Possible piece) {
        return layout().features(piece.load(risk()), risk().unsure(piece.recipe(), piece.sensitivity()), piece.recipe());
    }

    /** The same of a recorded piece, if its load was what it may have been. */
    Features features(Traits traits, double load) {
        return layout().features(load, traits.asked(risk()).unsure(), traits.recipe());
    }

    /** What a piece may do better or worse because it belongs to a group the records do not know. */
    private double unknownGroups(Recipe recipe) {
        double variance = COMPUTATION_SD * COMPUTATION_SD;
        for (Group group : Group.values()) {
            double sd = strangerSd(group, recipe);
            variance += sd * sd;
        }
        return variance;
    }

    /** How much a piece's member of a group may differ from the others; 0 where the records know it. */
    double strangerSd(Group group, Recipe recipe) {
        String name = group.of(recipe);
        if (layout().members(group).containsKey(name)) {
            return 0;
        }
        // where no record names any, only a piece that does is known to be one of several
        return group == Group.SPECIES ? Group.speciesSd(recipe) : groupSds.getOrDefault(group, name.isEmpty() ? 0 : group.priorScale());
    }

    /** All but the share of hidden flaws, where that is what it likeliest is. */
    LaplaceFit likeliestFit() {
        return worlds.likeliest().fit();
    }

    /** Places of the coefficients of the unsure constants, in the order of the mode. */
    int[] unsurePlaces() {
        return IntStream.range(0, risk().unsure().size()).map(i -> layout().firstUnsure() + i).toArray();
    }

    /** Rise of the log odds of damage when the load rises by one. */
    double slope() {
        return worlds.mean(OrdinalModel.CUTS);
    }

    /** What is believed of everything that may move this risk. */
    ModeBeliefs beliefs() {
        return beliefs;
    }

    /** What covariates, unsure constants and groups add to the log odds of damage of a piece. */
    List<Effect> effects(Possible piece) {
        return beliefs.effects(features(piece), piece.recipe());
    }

    /**
     * How much the variance of a piece's margin would fall if another piece were tried, on average over how that might
     * end: wᵀ(I⁻¹ + G)⁻¹w with G the covariance of the other's two margins, w their covariance with this one, and I the
     * expected information of an ordinal outcome about them.
     */
    double varianceReduction(Severity worst, Possible piece, Possible tried) {
        LaplaceFit fit = worlds.likeliest().fit();
        double share = hidden(hidden(), tried.recipe());
        Features target = features(piece);
        Features other = features(tried);
        double[] w = {fit.covariance(worst.ordinal(), target, 0, other), fit.covariance(worst.ordinal(), target, 1, other)};
        double[][] information = Cavity.expectedInformation(fit.margin(0, other).mean(), fit.margin(1, other).mean(), share);
        return Cavity.reduction(w, spread(fit, other), information);
    }

    /** Covariance of the two margins of a piece. */
    private static double[][] spread(LaplaceFit fit, Features features) {
        double between = fit.covariance(0, features, 1, features);
        return new double[][] {{fit.variance(0, features), between}, {between, fit.variance(1, features)}};
    }

    /**
     * The worlds as they would look without a record, each with the chance that the recorded piece does no worse: its own
     * likelihood is taken out of the normal approximation and out of the world's weight. A test compares that with
     * fitting anew.
     *
     * @param weight  probability of the world without the record
     * @param hidden  its share of hidden flaws among pieces like this one
     * @param holds   chance that this mode does no worse to the piece, over every D it may have had
     */
    record Without(double weight, double hidden, double holds) {
    }

    /** @param trial one of the records of the family */
    List<Without> withoutOwnRecord(Severity worst, RecordedTrial trial) {
        Optional<Row> row = Row.of(risk(), trial);
        Spread load = trial.traits().load(risk());
        Features features = records.features(trial);
        double unknown = row.isEmpty() ? unknownGroups(trial.trial().recipe()) : 0;
        List<Without> without = new ArrayList<>();
        double sum = 0;
        for (World world : worlds.likely()) {
            LaplaceFit fit = world.fit();
            double share = hidden(world.hidden(), trial.trial().recipe());
            double weight = world.weight();
            Margin accepted = fit.margin(worst.ordinal(), features).widened(unknown);
            if (row.isPresent()) {
                double[] mean = {fit.margin(0, features).mean(), fit.margin(1, features).mean()};
                Cavity cavity = new Cavity(mean, spread(fit, features), row.get().severity(), share);
                accepted = cavity.margin(worst.ordinal());
                weight /= Math.max(1e-6, cavity.probability());
            }
            double slope = fit.mean()[OrdinalModel.CUTS];
            Margin at = accepted;
            double mean = load.mean();
            double holds = load.average(
                    each -> new Margin(at.mean() - slope * (each - mean), at.sd()).probability());
            without.add(new Without(weight, share, holds));
            sum += weight;
        }
        double all = sum;
        return without.stream().map(each -> new Without(each.weight() / all, each.hidden(), each.holds())).toList();
    }
}
