package brachion.core.risk;

import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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

    /** A record that informs the mode, and how severe its outcome is for it. */
    record Row(RecordedTrial trial, int severity) {

        /** Nothing where the record says nothing of the mode. */
        static Optional<Row> of(ModeRisk risk, RecordedTrial trial) {
            if (!risk.concerns(trial.trial().recipe())) {
                return Optional.empty();
            }
            OptionalInt severity = trial.trial().outcome().severityOf(risk.mode());
            return severity.isPresent() ? Optional.of(new Row(trial, severity.getAsInt())) : Optional.empty();
        }

        Recipe recipe() {
            return trial.trial().recipe();
        }
    }

    static ModeRecords of(ModeRisk risk, List<RecordedTrial> trials) {
        List<Row> informing = trials.stream().flatMap(trial -> Row.of(risk, trial).stream()).toList();
        Layout layout = new Layout(risk, informing.stream().map(Row::recipe).toList());
        return new ModeRecords(risk, layout, informing).sorted();
    }

    /** A record with what tells it from others in most cases. */
    private record Placed(int board, Row row, double[] lead) {
    }

    /**
     * In the order they are fitted in. Floating-point sums depend on it; sorted, the same records always give the same fit, and those
     * of a board stand together.
     */
    private ModeRecords sorted() {
        Comparator<Placed> order = Comparator.comparingInt(Placed::board).thenComparingInt(each -> each.row().severity())
                .thenComparing(Placed::lead, Arrays::compare).thenComparing(each -> features(each.row().trial()), ModeRecords::compare);
        return new ModeRecords(risk, layout, rows.stream()
                .map(row -> new Placed(layout.board(row.recipe()), row, row.trial().traits().load(risk).value()))
                .sorted(order).map(Placed::row).toList());
    }

    private static int compare(Features a, Features b) {
        int byValue = Arrays.compare(a.value(), b.value());
        return byValue != 0 ? byValue : Arrays.compare(a.index(), b.index());
    }

    /** Those of one board in so many, and of pieces of no board as many. */
    ModeRecords thinned(int by) {
        return of(risk, IntStream.range(0, rows.size()).filter(i -> {
            int board = layout.board(rows.get(i).recipe());
            return (board < 0 ? i : board) % by == 0;
        }).mapToObj(i -> rows.get(i).trial()).toList());
    }

    /** Whether a record says anything of a mode. */
    static boolean inform(ModeRisk risk, RecordedTrial trial) {
        return Row.of(risk, trial).isPresent();
    }

    /** The same and one more, with room for its groups. */
    ModeRecords with(RecordedTrial trial) {
        List<Row> more = new ArrayList<>(rows);
        more.add(Row.of(risk, trial).orElseThrow());
        return new ModeRecords(risk, layout.with(trial.trial().recipe()), more);
    }

    Row last() {
        return rows.get(rows.size() - 1);
    }

    Observations observations() {
        return observations(rows);
    }

    /** Some of the records alone. */
    Observations observations(List<Row> some) {
        return new Observations(some.stream().map(this::observation).toList(), layout.firstBoard(), layout.boards());
    }

    private Observation observation(Row row) {
        return new Observation(row.trial().traits().load(risk), features(row.trial()), row.severity(), 1);
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
        Traits traits = trial.traits();
        return layout.features(traits.load(risk).mean(), traits.asked(risk).unsure(), trial.trial().recipe());
    }
}
