package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel.Held;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Function;

/**
 * What the records of one family of methods say: a fit for each of its failure modes, beside the records it rests on.
 *
 * @param modes   the fit of each mode
 * @param records the records
 * @param held    the same, each as the most ordinary piece it could have been
 * @param asked   ln D of these in each mode, in the order of the records
 * @param counted how many there are of each kind
 */
record FamilyFit(Map<FailureMode, ModeFit> modes, List<RecordedTrial> records, List<Held> held, Map<FailureMode, double[]> asked, Counted counted) {

    static FamilyFit of(Family family, List<RecordedTrial> records) {
        return of(family, records, Map.of());
    }

    /** @param found where searches among the same records ended before, by mode */
    static FamilyFit of(Family family, List<RecordedTrial> records, Map<FailureMode, FoundMode> found) {
        List<ModeRisk> risks = family.modes();
        Map<FailureMode, double[]> asked = new EnumMap<>(FailureMode.class);
        risks.forEach(mode -> asked.put(mode.mode(),
                records.stream().mapToDouble(record -> asked(mode, record)).toArray()));
        Map<FailureMode, ModeFit> modes = new EnumMap<>(FailureMode.class);
        // the caller makes the first itself, which takes longest: the pool helps whoever works, whoever waits for the pool does not help it
        List<ForkJoinTask<ModeFit>> fits = risks.stream()
                .map(mode -> ForkJoinTask.adapt(() -> ModeFit.of(mode, records, Optional.ofNullable(found.get(mode.mode()))))).toList();
        ForkJoinTask.invokeAll(fits).stream().map(ForkJoinTask::join).forEach(fit -> modes.put(fit.risk().mode(), fit));
        return new FamilyFit(modes, records, records.stream().map(record -> Held.of(record, Double.NaN)).toList(), asked, Counted.of(records));
    }

    /** The same with one more record counted in, nearly as a new fit would. */
    FamilyFit with(RecordedTrial added) {
        Map<FailureMode, double[]> allAsked = new EnumMap<>(asked);
        Map<FailureMode, ModeFit> later = new EnumMap<>(modes);
        modes.forEach((mode, fit) -> {
            double[] all = Arrays.copyOf(asked.get(mode), records.size() + 1);
            all[records.size()] = asked(fit.risk(), added);
            allAsked.put(mode, all);
            later.put(mode, fit.with(added));
        });
        return new FamilyFit(later, and(records, added), and(held, Held.of(added, Double.NaN)), allAsked, counted.and(added));
    }

    private static double asked(ModeRisk mode, RecordedTrial record) {
        return mode.law().logRatio(record.traits().typical(mode));
    }

    private static <T> List<T> and(List<T> before, T one) {
        List<T> all = new ArrayList<>(before);
        all.add(one);
        return all;
    }

    ModeFit mode(FailureMode mode) {
        return modes.get(mode);
    }

    /** The modes in which a piece can fail. */
    List<FailureMode> concerning(Recipe recipe) {
        return modes.values().stream().filter(fit -> fit.risk().concerns(recipe)).map(fit -> fit.risk().mode()).toList();
    }

    /** The mode that breaks nobody could see coming look like. */
    ModeFit tension() {
        return modes.get(FailureMode.TENSION);
    }

    List<Outlook> outlooks(Severity worst, Possible piece) {
        return outlooks(worst, piece.recipe(), fit -> fit.features(piece));
    }

    /**
     * Only breaks of the outer face may be hidden ones; the other modes are the same in every world, and what a piece brings
     * to a mode is the same in all.
     */
    private List<Outlook> outlooks(Severity worst, Recipe recipe, Function<ModeFit, Features> features) {
        Map<FailureMode, Margin> margins = new EnumMap<>(FailureMode.class);
        modes.forEach((mode, fit) -> {
            if (mode != FailureMode.TENSION && fit.risk().concerns(recipe)) {
                margins.put(mode, fit.margin(fit.worlds().get(0), worst, features.apply(fit), recipe));
            }
        });
        ModeFit tension = tension();
        Features stretched = features.apply(tension);
        return tension.worlds().stream().map(world -> {
            margins.put(FailureMode.TENSION, tension.margin(world, worst, stretched, recipe));
            return new Outlook(world.weight(), tension.hidden(world.hidden(), recipe), List.copyOf(margins.values()));
        }).toList();
    }

    /** Chance that a recorded piece does no worse, over all it could have been. */
    double holds(Severity worst, Traits traits) {
        double holds = 0;
        for (int k = 0; k < traits.weight().length; k++) {
            int possible = k;
            holds += traits.weight()[k] * Outlook.holds(outlooks(worst, traits.recipe(),
                    fit -> fit.features(traits, traits.asked(fit.risk()).load()[possible])));
        }
        return holds;
    }

    /** Each record as it would have been forecast without itself. */
    List<Held> leaveOneOut(Severity worst) {
        return records.parallelStream().map(record -> {
            double others = modes.values().stream().filter(fit -> fit != tension() && fit.risk().concerns(record.traits().recipe()))
                    .mapToDouble(fit -> fit.withoutOwnRecord(worst, record).get(0).holds()).reduce(1, (a, b) -> a * b);
            double holds = tension().withoutOwnRecord(worst, record).stream()
                    .mapToDouble(each -> each.weight() * (1 - each.hidden()) * each.holds()).sum();
            return Held.of(record, others * holds);
        }).toList();
    }
}
