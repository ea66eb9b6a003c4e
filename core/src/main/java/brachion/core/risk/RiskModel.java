package brachion.core.risk;

import brachion.core.method.Covariate;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.MethodKind;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.method.Term;
import brachion.core.physics.Unsure;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The learned risk: for each method and failure mode an {@link OrdinalModel} of severity on
 * <pre>η = b·x + Σ β_k x_k + u_species + u_person + u_board + u_source</pre>
 * with the load x of ln D ({@link ModeRisk#load}), D the ratio of demand to capacity. Before any record, D = 1 breaks one piece in twenty, which is how the
 * published radii are defined. {@link Family} brings the priors, {@link GroupScales} how much the groups differ.
 */
public final class RiskModel {

    private final Map<Family, FamilyFit> families;
    private final SpringbackModel springback;
    private final List<SetAside> setAside;

    private RiskModel(Map<Family, FamilyFit> families, SpringbackModel springback, List<SetAside> setAside) {
        this.families = families;
        this.springback = springback;
        this.setAside = setAside;
    }

    /** What published radii alone say. */
    public static RiskModel withoutRecords() {
        return fit(List.of());
    }

    /** Fits all records that make sense. The order they come in makes no difference. */
    public static RiskModel fit(List<Trial> trials) {
        return fit(trials, Optional.empty());
    }

    /**
     * Fits all records that make sense.
     *
     * @param earlier a fit of mostly the same records, whose work on each of them is taken over
     */
    public static RiskModel fit(List<Trial> trials, Optional<RiskModel> earlier) {
        return fit(trials, earlier, trial -> Optional.empty());
    }

    /**
     * Fits all records that make sense.
     *
     * @param earlier a fit of mostly the same records, whose work on each of them is taken over
     * @param kept    what was kept of following the piece of a record, under its {@link Followed#key key}
     */
    public static RiskModel fit(List<Trial> trials, Optional<RiskModel> earlier, Function<Trial, Optional<Followed>> kept) {
        return fit(trials, earlier, kept, List.of());
    }

    /**
     * The fit of records again that was made of the very same before.
     *
     * @param kept  what was kept of following the piece of a record
     * @param found where the searches ended then ({@link #found})
     */
    public static RiskModel again(List<Trial> trials, Function<Trial, Optional<Followed>> kept, List<FoundMode> found) {
        return fit(trials, Optional.empty(), kept, found);
    }

    private static RiskModel fit(List<Trial> trials, Optional<RiskModel> earlier, Function<Trial, Optional<Followed>> kept, List<FoundMode> found) {
        Map<Long, RecordedTrial> known = new HashMap<>();
        earlier.ifPresent(model -> model.used().forEach(record -> known.put(record.trial().id(), record)));
        List<RecordedTrial> recorded = trials.parallelStream().map(trial -> {
            RecordedTrial before = known.get(trial.id());
            return before != null && before.trial().equals(trial) ? before
                    : kept.apply(trial).map(followed -> followed.of(trial)).orElseGet(() -> RecordedTrial.of(trial));
        }).toList();
        List<SetAside> setAside = recorded.stream().flatMap(each -> each.setAside().stream())
                .sorted(Comparator.comparingLong(SetAside::trialId)).toList();
        List<RecordedTrial> used = recorded.stream().filter(each -> each.setAside().isEmpty()).toList();
        Map<Family, List<RecordedTrial>> byFamily = used.stream().collect(Collectors.groupingBy(each -> each.trial().recipe().method().family()));
        Map<Family, FamilyFit> families = new EnumMap<>(Family.class);
        for (Family family : Family.values()) {
            families.put(family, FamilyFit.of(family, byFamily.getOrDefault(family, List.of()), found.stream().filter(each -> each.family() == family)
                    .collect(Collectors.toMap(FoundMode::mode, Function.identity()))));
        }
        return new RiskModel(families, SpringbackModel.fit(used), setAside);
    }

    /** The same but for one family. */
    private RiskModel with(Family family, FamilyFit fit, SpringbackModel other) {
        Map<Family, FamilyFit> others = new EnumMap<>(families);
        others.put(family, fit);
        return new RiskModel(others, other, setAside);
    }

    private Stream<RecordedTrial> used() {
        return families.values().stream().flatMap(fit -> fit.records().stream());
    }

    /**
     * This fit with one more record, a single Newton step from it: nearly what a fit of all of them would be, for whoever
     * cannot wait for that. A record that makes no sense leaves it as it is; the next fit sets it aside.
     */
    public RiskModel with(Trial trial) {
        RecordedTrial added = RecordedTrial.of(trial);
        if (added.setAside().isPresent()) {
            return this;
        }
        Family family = trial.recipe().method().family();
        return with(family, families.get(family).with(added), added.computed().isEmpty() ? springback
                : SpringbackModel.fit(Stream.concat(used(), Stream.of(added)).toList()));
    }

    /**
     * A fit of those records alone that there were before a piece was bent: of earlier days, and of the same day under an earlier key;
     * one of no day counts by its key. It answers for that piece's way of bending.
     */
    public RiskModel before(Trial trial) {
        Family family = trial.recipe().method().family();
        List<RecordedTrial> earlier = used().filter(record -> isBefore(record.trial(), trial)).toList();
        return with(family, FamilyFit.of(family, earlier.stream().filter(record -> record.trial().recipe().method().family() == family).toList()),
                SpringbackModel.fit(earlier));
    }

    private static boolean isBefore(Trial one, Trial other) {
        int days = one.day().isEmpty() || other.day().isEmpty() ? 0 : one.day().get().compareTo(other.day().get());
        return days < 0 || days == 0 && one.id() < other.id();
    }

    /**
     * A fit of the same records in which pieces of no named board belong together by the day they were bent on: whoever asks
     * what a way of working does compares within boards and days, so that a bad day is not taken for a bad way.
     *
     * @param family the family that is asked about; the others, and springback, stay as they are
     */
    public RiskModel withinDays(Family family) {
        List<RecordedTrial> records = families.get(family).records();
        List<RecordedTrial> together = records.stream().map(RecordedTrial::ofItsDay).toList();
        return together.equals(records) ? this : with(family, FamilyFit.of(family, together), springback);
    }

    /** What following the piece of each of some trials told, to be kept; those that are not used are left out. */
    public Map<Trial, Followed> followed(Collection<Trial> some) {
        Set<Trial> wanted = new HashSet<>(some);
        Map<Trial, Followed> followed = new LinkedHashMap<>();
        used().filter(record -> wanted.contains(record.trial()))
                .forEach(record -> followed.put(record.trial(), Followed.of(record)));
        return followed;
    }

    /** Every trial that is used with what following its piece told. */
    public <T> Stream<T> everyFollowed(BiFunction<Trial, Followed, T> use) {
        return used().map(record -> use.apply(record.trial(), Followed.of(record)));
    }

    /** Where the search of each mode ended. */
    public List<FoundMode> found() {
        return families.entrySet().stream().flatMap(family -> family.getValue().modes().values().stream().map(fit -> fit.found(family.getKey()))).toList();
    }

    /** How many trials the fit rests on, of all families. */
    public int trials() {
        return families.values().stream().mapToInt(fit -> fit.records().size()).sum();
    }

    /** How many trials the fit of one family rests on. */
    public int trials(Family family) {
        return families.get(family).records().size();
    }

    /** Records that are not used, and why. */
    public List<SetAside> setAside() {
        return setAside;
    }

    /** The learned springback. */
    public SpringbackModel springback() {
        return springback;
    }

    /** The ways a method fails. */
    public List<FailureMode> modes(Family family) {
        return List.copyOf(families.get(family).modes().keySet());
    }

    /** The ways a piece can fail that is bent so. */
    public List<FailureMode> modes(Recipe recipe) {
        return families.get(recipe.method().family()).concerning(recipe);
    }

    /** Share of the pieces of usual stock of a method that break for reasons nothing measured explains, as expected. */
    public double hidden(Family family) {
        return families.get(family).tension().hidden();
    }

    /** The same among pieces like one, as the records of such pieces bear out. */
    public double hidden(Recipe recipe) {
        ModeFit tension = fit(recipe, FailureMode.TENSION);
        return tension.worlds().stream().mapToDouble(world -> world.weight() * tension.hidden(world.hidden(), recipe)).sum();
    }

    /** How many times as often as usual stock of a method a piece hides a flaw that has knots or wild grain in the bend. */
    public double pronenessOfKnots(Family family) {
        return families.get(family).tension().proneness().ofKnots();
    }

    /** How many times as often as usual stock of a method a piece from each source hides a flaw. */
    public Map<String, Double> pronenessBySource(Family family) {
        return families.get(family).tension().proneness().source();
    }

    /** What that share may be, with the probability of each value. */
    public List<Weighted<Double>> hiddenShares(Family family) {
        return families.get(family).tension().worlds().stream()
                .map(world -> new Weighted<>(world.weight(), world.hidden())).toList();
    }

    /**
     * The ways things may stand for a piece.
     *
     * @param worst the worst severity still accepted: CLEAN or FLAW
     */
    public List<Outlook> outlooks(Severity worst, Possible piece) {
        return families.get(piece.recipe().method().family()).outlooks(worst, piece);
    }

    /** The mode that is likeliest to break a piece. */
    public FailureMode limiting(Possible piece) {
        return modes(piece.recipe()).stream()
                .min(Comparator.comparingDouble(mode -> margin(mode, Severity.FLAW, piece).probability())).orElseThrow();
    }

    /**
     * How far a piece stands from a severity in one mode, hidden flaws left out.
     *
     * @param worst the worst severity still accepted: CLEAN or FLAW
     */
    public Margin margin(FailureMode mode, Severity worst, Possible piece) {
        return fit(piece.recipe(), mode).margin(worst, piece);
    }

    /** Chance that no mode does worse to a piece than accepted, and nothing hidden breaks it. */
    public double holds(Severity worst, Possible piece) {
        return Outlook.holds(outlooks(worst, piece));
    }

    /** D of a piece in a mode. */
    public double ratio(FailureMode mode, Possible piece) {
        return Math.exp(logRatio(mode, piece));
    }

    /** What is asked of a piece in a mode, as a strain. */
    public double strain(FailureMode mode, Possible piece) {
        return fit(piece.recipe(), mode).risk().strain().of(piece.recipe(), piece.demand());
    }

    /** ln D of a piece in a mode. */
    public double logRatio(FailureMode mode, Possible piece) {
        return fit(piece.recipe(), mode).risk().law().logRatio(load(mode, piece));
    }

    /** What enters the log odds of damage of a piece in a mode. */
    public double load(FailureMode mode, Possible piece) {
        return piece.load(fit(piece.recipe(), mode).risk());
    }

    /** Rise of the log odds of damage when the load rises by one, as fitted for a mode of a method. */
    public double slope(Family family, FailureMode mode) {
        return families.get(family).mode(mode).slope();
    }

    /** What else adds to the risk of a piece in a mode, as fitted. */
    public List<Effect> effects(FailureMode mode, Possible piece) {
        return fit(piece.recipe(), mode).effects(piece);
    }

    /** What is believed of everything that may move the risks of a method. */
    public List<Belief> beliefs(Family family) {
        return families.get(family).modes().values().stream().flatMap(fit -> fit.beliefs().all().stream()).toList();
    }

    /** How two ways of doing a thing compare in one mode of a method. */
    public Contrast contrast(Family family, FailureMode mode, Term first, Term second) {
        return families.get(family).mode(mode).beliefs().contrast(first, second);
    }

    /** How having something compares with not having it, in one mode of a method: the first is having it. */
    public Contrast helps(Family family, FailureMode mode, Term term) {
        return families.get(family).mode(mode).beliefs().helps(term);
    }

    /** What the records say of stretched hot wood where something counts, too, that is no part of the forecast. */
    ModeBeliefs asked(Covariate covariate) {
        FamilyFit hot = families.get(Family.HOT_WOOD);
        return ModeFit.of(hot.tension().risk().with(covariate), hot.records()).beliefs();
    }

    /** How many steps worse than usual each unsure constant of a method is believed to be, from the breaks of a mode. */
    public Map<Unsure, Margin> unsure(Family family, FailureMode mode) {
        return families.get(family).mode(mode).beliefs().unsure();
    }

    /** How much two of them stand in for each other after the records: −1 where these tell of both together alone, 0 where they tell them apart. */
    public double unsureCorrelation(Family family, FailureMode mode, Unsure one, Unsure other) {
        return families.get(family).mode(mode).beliefs().correlation(one, other);
    }

    /**
     * How much the variance of a piece's margin in a mode would fall, on average, if another piece were tried.
     * Both must be of one family; one the mode does not concern tells nothing of it.
     */
    public double varianceReduction(FailureMode mode, Severity worst, Possible piece, Possible tried) {
        ModeFit fit = fit(piece.recipe(), mode);
        return fit.risk().concerns(tried.recipe()) ? fit.varianceReduction(worst, piece, tried) : 0;
    }

    /**
     * What the margins of some pieces hang on together, so that it can be worked out what trying some of them would tell of others.
     *
     * @param pieces pieces of one family
     */
    public JointMargins jointly(FailureMode mode, List<Possible> pieces) {
        return JointMargins.of(fit(pieces.get(0).recipe(), mode), pieces);
    }

    private ModeFit fit(Recipe recipe, FailureMode mode) {
        return families.get(recipe.method().family()).mode(mode);
    }

    /** Each record of a method as it would have been forecast without itself. */
    public List<Held> leaveOneOut(Family family, Severity worst) {
        return families.get(family).leaveOneOut(worst);
    }

    /** Each record of a method as another fit forecasts it. */
    public List<Held> forecastBy(RiskModel other, Family family, Severity worst) {
        return families.get(family).records().parallelStream()
                .map(record -> Held.of(record, other.families.get(family).holds(worst, record.traits()))).toList();
    }

    /**
     * A record and the chance it was given to hold.
     *
     * @param trial the record
     * @param piece the most ordinary recipe it could have been
     * @param holds chance that no mode does worse than accepted
     */
    public record Held(Trial trial, Recipe piece, double holds) {

        static Held of(RecordedTrial record, double holds) {
            return new Held(record.trial(), record.traits().recipe(), holds);
        }
    }

    /** The records of a method, each as the most ordinary piece it could have been. */
    public List<Held> records(Family family) {
        return families.get(family).held();
    }

    /** How many of them were bent in a way. */
    public int bentBy(MethodKind way) {
        return families.get(way.family()).counted().byWay().getOrDefault(way, 0);
    }

    /** How many of them are records of other shops. */
    public int ofOtherShops(Family family) {
        return families.get(family).counted().ofOtherShops();
    }

    /** ln D in a mode of the most ordinary piece each record of a method could have been, in the order of the records. */
    public double[] asked(Family family, FailureMode mode) {
        return families.get(family).asked().get(mode).clone();
    }
}
