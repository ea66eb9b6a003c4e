package brachion.core.risk;

import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.physics.Unsure;
import brachion.core.process.SteamingSchool;
import java.util.ArrayList;
import java.util.Arrays;
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
import java.util.function.Function;

/**
 * The learned risk: for each method and failure mode an {@link OrdinalModel} of severity on
 * <pre>η = b·ln D + Σ β_k x_k + u_species + u_person + u_board + u_source</pre>
 * with D the ratio of demand to capacity. Before any record, D = 1 breaks one piece in twenty, which is how the
 * published radii are defined. {@link MethodRisk} holds the priors, {@link GroupScales} how much the groups differ.
 */
public final class RiskModel {

    private static final double HOUR_MIN = 60;

    private final Map<MethodKind, Map<FailureMode, ModeFit>> fits = new EnumMap<>(MethodKind.class);
    private final Map<MethodKind, List<RecordedTrial>> records = new EnumMap<>(MethodKind.class);
    private final Map<MethodKind, List<Held>> held = new EnumMap<>(MethodKind.class);
    private final Map<MethodKind, Map<FailureMode, double[]>> asked = new EnumMap<>(MethodKind.class);
    private final List<SetAside> setAside;
    private final SpringbackModel springback;
    private final int trials;

    private RiskModel(List<RecordedTrial> used, List<SetAside> setAside) {
        this.setAside = setAside;
        this.trials = used.size();
        for (MethodKind kind : MethodKind.values()) {
            List<RecordedTrial> ofKind =
                    used.stream().filter(each -> each.trial().recipe().method().kind() == kind).toList();
            records.put(kind, ofKind);
            held.put(kind, ofKind.stream().map(record -> Held.of(record, Double.NaN)).toList());
            Map<FailureMode, double[]> askedOf = new EnumMap<>(FailureMode.class);
            MethodRisk.of(kind).modes().forEach(mode -> askedOf.put(mode.mode(),
                    ofKind.stream().mapToDouble(record -> record.traits().asked(mode).typical()).toArray()));
            asked.put(kind, askedOf);
            Map<FailureMode, ModeFit> byMode = new EnumMap<>(FailureMode.class);
            MethodRisk.of(kind).modes().parallelStream()
                    .map(mode -> ModeFit.of(mode, ofKind)).toList().forEach(fit -> byMode.put(fit.risk().mode(), fit));
            fits.put(kind, byMode);
        }
        this.springback = SpringbackModel.fit(used);
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
        Map<Trial, RecordedTrial> known = new HashMap<>();
        earlier.ifPresent(model -> model.records.values().forEach(
                records -> records.forEach(record -> known.put(record.trial(), record))));
        List<RecordedTrial> recorded = trials.parallelStream().map(trial -> {
            RecordedTrial before = known.get(trial);
            return before != null ? before
                    : kept.apply(trial).map(followed -> followed.of(trial)).orElseGet(() -> RecordedTrial.of(trial));
        }).toList();
        List<SetAside> setAside = recorded.stream().flatMap(each -> each.setAside().stream())
                .sorted(Comparator.comparingLong(SetAside::trialId)).toList();
        return new RiskModel(recorded.stream().filter(each -> each.setAside().isEmpty()).toList(), setAside);
    }

    private RiskModel(RiskModel before, RecordedTrial added) {
        MethodKind kind = added.trial().recipe().method().kind();
        setAside = before.setAside;
        trials = before.trials + 1;
        fits.putAll(before.fits);
        records.putAll(before.records);
        held.putAll(before.held);
        asked.putAll(before.asked);
        records.put(kind, and(before.records.get(kind), added));
        held.put(kind, and(before.held.get(kind), Held.of(added, Double.NaN)));
        Map<FailureMode, double[]> askedOf = new EnumMap<>(before.asked.get(kind));
        Map<FailureMode, ModeFit> byMode = new EnumMap<>(before.fits.get(kind));
        for (ModeFit fit : before.fits.get(kind).values()) {
            FailureMode mode = fit.risk().mode();
            double[] earlier = askedOf.get(mode);
            double[] all = Arrays.copyOf(earlier, earlier.length + 1);
            all[earlier.length] = added.traits().asked(fit.risk()).typical();
            askedOf.put(mode, all);
            byMode.put(mode, fit.with(added));
        }
        asked.put(kind, askedOf);
        fits.put(kind, byMode);
        springback = added.computed().isEmpty() ? before.springback
                : SpringbackModel.fit(records.values().stream().flatMap(List::stream).toList());
    }

    private static <T> List<T> and(List<T> before, T one) {
        List<T> all = new ArrayList<>(before);
        all.add(one);
        return all;
    }

    /**
     * This fit with one more record, a single Newton step from it: nearly what a fit of all of them would be, for whoever
     * cannot wait for that. A record that makes no sense leaves it as it is; the next fit sets it aside.
     */
    public RiskModel with(Trial trial) {
        RecordedTrial added = RecordedTrial.of(trial);
        return added.setAside().isPresent() ? this : new RiskModel(this, added);
    }

    /**
     * A fit of the same records in which pieces of no named board belong together by the day they were bent on: whoever asks
     * what a way of working does compares within boards and days, so that a bad day is not taken for a bad way.
     */
    public RiskModel withinDays() {
        List<RecordedTrial> used = records.values().stream().flatMap(List::stream).toList();
        List<RecordedTrial> together = used.stream().map(RecordedTrial::ofItsDay).toList();
        return together.equals(used) ? this : new RiskModel(together, setAside);
    }

    /** What following the piece of each of some trials told, to be kept; those that are not used are left out. */
    public Map<Trial, Followed> followed(Collection<Trial> some) {
        Set<Trial> wanted = new HashSet<>(some);
        Map<Trial, Followed> followed = new LinkedHashMap<>();
        records.values().stream().flatMap(List::stream).filter(record -> wanted.contains(record.trial()))
                .forEach(record -> followed.put(record.trial(), Followed.of(record)));
        return followed;
    }

    /** How many trials the fit rests on, of all methods. */
    public int trials() {
        return trials;
    }

    /** How many trials the fit of one method rests on. */
    public int trials(MethodKind kind) {
        return records.get(kind).size();
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
    public List<FailureMode> modes(MethodKind kind) {
        return List.copyOf(fits.get(kind).keySet());
    }

    /** Share of the pieces of usual stock of a method that break for reasons nothing measured explains, as expected. */
    public double hidden(MethodKind kind) {
        return fits.get(kind).get(FailureMode.TENSION).hidden();
    }

    /** The same among pieces like one, as the records of such pieces bear out. */
    public double hidden(Recipe recipe) {
        ModeFit tension = fit(recipe, FailureMode.TENSION);
        return tension.worlds().stream().mapToDouble(world -> world.weight() * tension.hidden(world.hidden(), recipe)).sum();
    }

    /** How many times as often as usual stock of a method a piece hides a flaw that has knots or wild grain in the bend. */
    public double pronenessOfKnots(MethodKind kind) {
        return fits.get(kind).get(FailureMode.TENSION).proneness().suspect();
    }

    /** How many times as often as usual stock of a method a piece from each source hides a flaw. */
    public Map<String, Double> pronenessBySource(MethodKind kind) {
        return fits.get(kind).get(FailureMode.TENSION).proneness().source();
    }

    /** What that share may be, with the probability of each value. */
    public List<Weighted<Double>> hiddenShares(MethodKind kind) {
        return fits.get(kind).get(FailureMode.TENSION).worlds().stream()
                .map(world -> new Weighted<>(world.weight(), world.hidden())).toList();
    }

    /**
     * The ways things may stand for a piece.
     *
     * @param worst the worst severity still accepted: CLEAN or FLAW
     */
    public List<Outlook> outlooks(Severity worst, Possible piece) {
        Map<FailureMode, ModeFit> byMode = fits.get(piece.recipe().method().kind());
        return outlooks(byMode, worst, piece.recipe(), fit -> fit.features(piece));
    }

    /**
     * Only breaks of the outer face may be hidden ones; the other modes are the same in every world, and what a piece brings
     * to a mode is the same in all.
     */
    private static List<Outlook> outlooks(Map<FailureMode, ModeFit> byMode, Severity worst, Recipe recipe,
                                          Function<ModeFit, Features> features) {
        Map<FailureMode, Margin> margins = new EnumMap<>(FailureMode.class);
        byMode.forEach((mode, fit) -> {
            if (mode != FailureMode.TENSION) {
                margins.put(mode, fit.margin(fit.worlds().get(0), worst, features.apply(fit), recipe));
            }
        });
        ModeFit tension = byMode.get(FailureMode.TENSION);
        Features stretched = features.apply(tension);
        return tension.worlds().stream().map(world -> {
            margins.put(FailureMode.TENSION, tension.margin(world, worst, stretched, recipe));
            return new Outlook(world.weight(), tension.hidden(world.hidden(), recipe), List.copyOf(margins.values()));
        }).toList();
    }

    /** The mode that is likeliest to break a piece. */
    public FailureMode limiting(Possible piece) {
        return modes(piece.recipe().method().kind()).stream()
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
        return outlooks(worst, piece).stream().mapToDouble(each -> each.weight() * each.holds()).sum();
    }

    /** D of a piece in a mode. */
    public double ratio(FailureMode mode, Possible piece) {
        return Math.exp(logRatio(mode, piece));
    }

    /** ln D of a piece in a mode. */
    public double logRatio(FailureMode mode, Possible piece) {
        return piece.logRatio(fit(piece.recipe(), mode).risk());
    }

    /** Rise of the log odds of damage when ln D rises by one, as fitted for a mode of a method. */
    public double slope(MethodKind kind, FailureMode mode) {
        return fits.get(kind).get(mode).slope();
    }

    /** What else adds to the risk of a piece in a mode, as fitted. */
    public List<Effect> effects(FailureMode mode, Possible piece) {
        return fit(piece.recipe(), mode).effects(piece);
    }

    /** What is believed of everything that may move the risks of a method. */
    public List<Belief> beliefs(MethodKind kind) {
        return fits.get(kind).values().stream().flatMap(fit -> fit.beliefs().all().stream()).toList();
    }

    /** How two ways of doing a thing compare in one mode of a method. */
    public Contrast contrast(MethodKind kind, FailureMode mode, Term first, Term second) {
        return fits.get(kind).get(mode).beliefs().contrast(first, second);
    }

    /** How having something compares with not having it, in one mode of a method: the first is having it. */
    public Contrast helps(MethodKind kind, FailureMode mode, Term term) {
        return fits.get(kind).get(mode).beliefs().helps(term);
    }

    /** How steamed stock that stayed in as long as a school says compares with stock that did not, in tension. */
    public Contrast steamedAtLeast(SteamingSchool school) {
        return asked(Covariate.undecided(Term.SCHOOL, recipe -> MethodRisk.indicator(
                ((SteamBox) recipe.method()).steamMinutes() >= school.minutes(recipe.blank().thicknessMm()))));
    }

    /** How steamed stock compares with stock steamed e times as short, in tension, beyond the softness computed. */
    public Contrast steamedLonger() {
        return asked(Covariate.undecided(Term.LONG_STEAM,
                recipe -> Math.log(((SteamBox) recipe.method()).steamMinutes() / HOUR_MIN)));
    }

    /** What the records say of something that is no part of the forecast. */
    private Contrast asked(Covariate covariate) {
        ModeFit tension = fits.get(MethodKind.STEAM_BOX).get(FailureMode.TENSION);
        return ModeFit.of(tension.risk().with(covariate), records.get(MethodKind.STEAM_BOX))
                .beliefs().helps(covariate.term());
    }

    /** How many steps worse than usual each unsure constant of a method is believed to be, from the breaks of a mode. */
    public Map<Unsure, Margin> unsure(MethodKind kind, FailureMode mode) {
        return fits.get(kind).get(mode).beliefs().unsure();
    }

    /**
     * How much the variance of a piece's margin in a mode would fall, on average, if another piece were tried.
     * Both must be of one method.
     */
    public double varianceReduction(FailureMode mode, Severity worst, Possible piece, Possible tried) {
        return fit(piece.recipe(), mode).varianceReduction(worst, piece, tried);
    }

    private ModeFit fit(Recipe recipe, FailureMode mode) {
        return fits.get(recipe.method().kind()).get(mode);
    }

    /** Each record of a method as it would have been forecast without itself. */
    public List<Held> leaveOneOut(MethodKind kind, Severity worst) {
        Map<FailureMode, ModeFit> byMode = fits.get(kind);
        return records.get(kind).stream().map(record -> {
            double others = byMode.values().stream().filter(fit -> fit.risk().mode() != FailureMode.TENSION)
                    .mapToDouble(fit -> fit.withoutOwnRecord(worst, record).get(0).holds()).reduce(1, (a, b) -> a * b);
            double holds = byMode.get(FailureMode.TENSION).withoutOwnRecord(worst, record).stream()
                    .mapToDouble(each -> each.weight() * (1 - each.hidden()) * each.holds()).sum();
            return Held.of(record, others * holds);
        }).toList();
    }

    /** Each record of a method as another fit forecasts it. */
    public List<Held> forecastBy(RiskModel other, MethodKind kind, Severity worst) {
        return records.get(kind).stream().map(record -> Held.of(record, other.holds(worst, record.traits()))).toList();
    }

    private double holds(Severity worst, Traits traits) {
        Map<FailureMode, ModeFit> byMode = fits.get(traits.recipe().method().kind());
        double holds = 0;
        for (int k = 0; k < traits.weight().length; k++) {
            int possible = k;
            holds += traits.weight()[k] * outlooks(byMode, worst, traits.recipe(),
                    fit -> fit.features(traits, traits.asked(fit.risk()).logRatio()[possible])).stream().mapToDouble(each -> each.weight() * each.holds()).sum();
        }
        return holds;
    }

    /**
     * A record and the chance it was given to hold.
     *
     * @param trial the record
     * @param piece the most ordinary recipe it could have been
     * @param holds chance that no mode does worse than accepted
     */
    public record Held(Trial trial, Recipe piece, double holds) {

        private static Held of(RecordedTrial record, double holds) {
            return new Held(record.trial(), record.traits().recipe(), holds);
        }
    }

    /** The records of a method, each as the most ordinary piece it could have been. */
    public List<Held> records(MethodKind kind) {
        return held.get(kind);
    }

    /** ln D in a mode of the most ordinary piece each record of a method could have been, in the order of the records. */
    public double[] asked(MethodKind kind, FailureMode mode) {
        return asked.get(kind).get(mode).clone();
    }
}
