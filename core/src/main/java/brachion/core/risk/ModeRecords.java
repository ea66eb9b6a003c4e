package brachion.core.risk;

import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The records that inform one failure mode of one method.
 *
 * @param risk   the mode
 * @param layout where the coefficients stand
 * @param rows   the records, sorted but for those counted in later
 */
record ModeRecords(ModeRisk risk, Layout layout, List<Row> rows) {

    /** A record that informs the mode, as the fit sees it. */
    record Row(RecordedTrial trial, Observation observation) {

        static Row of(Says says, ModeRisk risk, Layout layout) {
            RecordedTrial trial = says.trial();
            return new Row(trial, new Observation(trial.traits().logRatio(risk), ModeRecords.features(risk, layout, trial), says.severity(), 1));
        }

        Recipe recipe() {
            return trial.trial().recipe();
        }

        Features features() {
            return observation.features();
        }

        private Row moved(int[] to) {
            return new Row(trial, new Observation(observation.lead(), observation.features().moved(to), observation.severity(),
                    observation.count()));
        }
    }

    /** A trial and how severe its outcome is for the mode. */
    private record Says(RecordedTrial trial, int severity) {

        static Optional<Says> of(ModeRisk risk, RecordedTrial trial) {
            if (!risk.concerns(trial.trial().recipe())) {
                return Optional.empty();
            }
            OptionalInt severity = trial.trial().outcome().severityOf(risk.mode());
            return severity.isPresent() ? Optional.of(new Says(trial, severity.getAsInt())) : Optional.empty();
        }
    }

    static ModeRecords of(ModeRisk risk, List<RecordedTrial> trials) {
        List<Says> informing = trials.stream().flatMap(trial -> Says.of(risk, trial).stream()).toList();
        Layout layout = new Layout(risk, informing.stream().map(each -> each.trial().trial().recipe()).toList());
        List<Row> rows = new ArrayList<>();
        informing.forEach(each -> rows.add(Row.of(each, risk, layout)));
        // floating-point sums depend on their order; sorted, the same records always give the same fit, and those of a board stand together
        rows.sort((a, b) -> compare(a.observation(), b.observation()));
        return new ModeRecords(risk, layout, rows);
    }

    /** Those of one board in so many, and of pieces of no board as many. */
    ModeRecords thinned(int by) {
        int firstBoard = layout.firstBoard();
        return of(risk, IntStream.range(0, rows.size()).filter(i -> {
            int last = rows.get(i).features().last();
            return (last < firstBoard ? i : last - firstBoard) % by == 0;
        }).mapToObj(i -> rows.get(i).trial()).toList());
    }

    /** Whether a record says anything of a mode. */
    static boolean inform(ModeRisk risk, RecordedTrial trial) {
        return Says.of(risk, trial).isPresent();
    }

    /** The same and one more, with room for its groups. */
    ModeRecords with(RecordedTrial trial) {
        Layout larger = layout.with(trial.trial().recipe());
        List<Row> more = new ArrayList<>(rows);
        if (larger != layout) {
            int[] to = layout.to(larger);
            more.replaceAll(row -> row.moved(to));
        }
        more.add(Row.of(Says.of(risk, trial).orElseThrow(), risk, larger));
        return new ModeRecords(risk, larger, more);
    }

    Row last() {
        return rows.get(rows.size() - 1);
    }

    Observations observations() {
        return observations(rows);
    }

    /** Some of the records alone. */
    Observations observations(List<Row> some) {
        return new Observations(some.stream().map(Row::observation).toList(), layout.firstBoard(), layout.boards());
    }

    List<Recipe> recipes() {
        return rows.stream().map(Row::recipe).toList();
    }

    /** How far each species may stray from its published radii, in the order of the layout. */
    double[] speciesSds() {
        Map<String, Double> byName = new HashMap<>();
        rows.forEach(row -> byName.computeIfAbsent(Group.SPECIES.of(row.recipe()), name -> Group.speciesSd(row.recipe())));
        return layout.members(Group.SPECIES).keySet().stream().mapToDouble(byName::get).toArray();
    }

    /** What a record brings, D as its mean where nobody knows it. */
    Features features(RecordedTrial trial) {
        return features(risk, layout, trial);
    }

    private static Features features(ModeRisk risk, Layout layout, RecordedTrial trial) {
        Traits traits = trial.traits();
        return layout.features(traits.logRatio(risk).mean(), traits.asked(risk).unsure(), trial.trial().recipe());
    }

    private static int compare(Observation a, Observation b) {
        int byBoard = Integer.compare(a.features().last(), b.features().last());
        if (byBoard != 0) {
            return byBoard;
        }
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
}
