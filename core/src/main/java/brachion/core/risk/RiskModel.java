package brachion.core.risk;

import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.process.SteamingSchool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The learned risk: for each method and failure mode an {@link OrdinalModel} of severity on
 * <pre>η = b·ln D + Σ β_k x_k + u_species + u_person + u_board + u_source</pre>
 * with D the ratio of demand to capacity. Before any record, D = 1 breaks one piece in twenty, which is how the
 * published radii are defined. {@link MethodRisk} holds the priors, {@link GroupScales} how much the groups differ.
 */
public final class RiskModel {

    private final Map<MethodKind, Map<FailureMode, ModeFit>> fits = new EnumMap<>(MethodKind.class);
    private final Map<MethodKind, List<RecordedTrial>> records = new EnumMap<>(MethodKind.class);
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
            Map<FailureMode, ModeFit> byMode = new EnumMap<>(FailureMode.class);
            MethodRisk.of(kind).modes().parallelStream().map(mode -> ModeFit.of(mode, ofKind)).toList()
                    .forEach(fit -> byMode.put(fit.risk().mode(), fit));
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
        Map<Trial, RecordedTrial> known = new HashMap<>();
        earlier.ifPresent(model -> model.records.values().forEach(
                records -> records.forEach(record -> known.put(record.trial(), record))));
        List<RecordedTrial> recorded = trials.parallelStream().map(trial -> {
            RecordedTrial before = known.get(trial);
            return before == null ? RecordedTrial.of(trial) : before;
        }).toList();
        List<RecordedTrial> used = new ArrayList<>();
        List<SetAside> setAside = new ArrayList<>();
        for (RecordedTrial each : recorded) {
            SetAside.of(each.trial(), each.typical()).ifPresentOrElse(setAside::add, () -> used.add(each));
        }
        setAside.sort(Comparator.comparingLong(SetAside::trialId));
        return new RiskModel(used, setAside);
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

    /**
     * How far a piece stands from a severity in one mode.
     *
     * @param worst the worst severity still accepted: CLEAN or FLAW
     */
    public Margin margin(FailureMode mode, Severity worst, Possible piece) {
        return fit(piece.recipe(), mode).margin(worst, piece);
    }

    /** Chance that no mode does worse to a piece than accepted. */
    public double holds(Severity worst, Possible piece) {
        return fits.get(piece.recipe().method().kind()).values().stream()
                .mapToDouble(fit -> fit.margin(worst, piece).probability()).reduce(1, (a, b) -> a * b);
    }

    /** D of a piece in a mode. */
    public double ratio(FailureMode mode, Possible piece) {
        return Math.exp(logRatio(mode, piece));
    }

    /** ln D of a piece in a mode. */
    public double logRatio(FailureMode mode, Possible piece) {
        return fit(piece.recipe(), mode).risk().logRatio(piece);
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
        return fits.get(kind).values().stream().flatMap(fit -> fit.beliefs().stream()).toList();
    }

    /** How two ways of doing a thing compare in one mode of a method. */
    public Contrast contrast(MethodKind kind, FailureMode mode, Term first, Term second) {
        return fits.get(kind).get(mode).contrast(first, second);
    }

    /** How having something compares with not having it, in one mode of a method: the first is having it. */
    public Contrast helps(MethodKind kind, FailureMode mode, Term term) {
        return fits.get(kind).get(mode).helps(term);
    }

    /** How steamed stock that stayed in as long as a school says compares with stock that did not, in tension. */
    public Contrast steamedAtLeast(SteamingSchool school) {
        ModeRisk tension = fits.get(MethodKind.STEAM_BOX).get(FailureMode.TENSION).risk();
        ModeRisk asked = tension.with(Covariate.undecided(Term.SCHOOL, recipe -> MethodRisk.indicator(
                ((SteamBox) recipe.method()).steamMinutes() >= school.minutes(recipe.blank().thicknessMm()))));
        return ModeFit.of(asked, records.get(MethodKind.STEAM_BOX)).helps(Term.SCHOOL);
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
        return records.get(kind).stream().map(record -> {
            double holds = fits.get(kind).values().stream()
                    .mapToDouble(fit -> fit.holdsWithoutOwnRecord(worst, record)).reduce(1, (a, b) -> a * b);
            return Held.of(record, holds);
        }).toList();
    }

    /** Each record as this fit forecasts it. */
    public List<Held> forecasts(Severity worst, List<Held> records) {
        return records.stream()
                .map(record -> new Held(record.trial(), record.piece(), record.possible(), record.possible().stream()
                        .mapToDouble(each -> each.weight() * holds(worst, each)).sum())).toList();
    }

    /**
     * A record and the chance it was given to hold.
     *
     * @param trial the record
     * @param piece the most ordinary piece it could have been
     * @param possible all it could have been
     * @param holds chance that no mode does worse than accepted
     */
    public record Held(Trial trial, Possible piece, List<Possible> possible, double holds) {

        private static Held of(RecordedTrial record, double holds) {
            return new Held(record.trial(), record.typical(), record.possible(), holds);
        }
    }

    /** The records of a method, each as the most ordinary piece it could have been. */
    public List<Held> records(MethodKind kind) {
        return records.get(kind).stream().map(record -> Held.of(record, Double.NaN)).toList();
    }
}
