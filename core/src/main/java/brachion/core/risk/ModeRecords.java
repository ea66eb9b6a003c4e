package brachion.core.risk;

import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

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

        static Row of(RecordedTrial trial, ModeRisk risk, Layout layout) {
            int severity = trial.trial().outcome().severityOf(risk.mode()).orElseThrow();
            return new Row(trial, new Observation(trial.traits().logRatio(risk), ModeRecords.features(risk, layout, trial), severity, 1));
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

    static ModeRecords of(ModeRisk risk, List<RecordedTrial> trials) {
        List<RecordedTrial> informing = trials.stream().filter(trial -> inform(risk, trial)).toList();
        Layout layout = new Layout(risk, informing.stream().map(trial -> trial.trial().recipe()).toList());
        List<Row> rows = new ArrayList<>();
        informing.forEach(trial -> rows.add(Row.of(trial, risk, layout)));
        // floating-point sums depend on their order; sorted, the same records always give the same fit, and those of a board stand together
        rows.sort((a, b) -> compare(a.observation(), b.observation()));
        return new ModeRecords(risk, layout, rows);
    }

    /** Whether a record says anything of a mode. */
    static boolean inform(ModeRisk risk, RecordedTrial trial) {
        return risk.concerns(trial.trial().recipe()) && trial.trial().outcome().severityOf(risk.mode()).isPresent();
    }

    /** The same and one more, with room for its groups. */
    ModeRecords with(RecordedTrial trial) {
        Layout larger = layout.with(trial.trial().recipe());
        List<Row> more = new ArrayList<>(rows);
        if (larger != layout) {
            int[] to = layout.to(larger);
            more.replaceAll(row -> row.moved(to));
        }
        more.add(Row.of(trial, risk, larger));
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
        Map<String, Double> byName = new TreeMap<>();
        rows.forEach(row -> byName.put(Group.SPECIES.of(row.recipe()), Group.speciesSd(row.recipe())));
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
