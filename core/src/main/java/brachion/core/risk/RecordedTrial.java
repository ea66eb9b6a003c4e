package brachion.core.risk;

import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Springback;
import brachion.core.trial.Trial;
import java.util.List;
import java.util.Optional;

/**
 * A trial with what the fit needs to know of it. Nobody may have measured everything: a fit takes every D the piece may
 * have had into account, by how well each agrees with how the trial ended.
 *
 * @param trial    the trial
 * @param traits   what the piece brought
 * @param setAside why it is not used, if it is not
 * @param computed springback as computed, of a piece whose radius was measured after release
 */
record RecordedTrial(Trial trial, Traits traits, Optional<SetAside> setAside, Optional<Springback> computed) {

    /** The same taken together with what was bent on its day, where nobody wrote down which board it is of. */
    RecordedTrial ofItsDay() {
        Names names = trial.recipe().names();
        if (!names.board().isEmpty() || trial.day().isEmpty()) {
            return this;
        }
        Recipe recipe = trial.recipe().withNames(names.withBoard("bent on " + trial.day().get() + (names.ofAnotherShop() ? " in " + names.shop() : "")));
        return new RecordedTrial(new Trial(trial.id(), recipe, trial.outcome(), trial.releasedRadiusMm(), trial.day()), traits,
                setAside, computed);
    }

    /** A trial that cannot be computed is set aside, never refused. */
    static RecordedTrial of(Trial trial) {
        try {
            List<Possible> possible = Possible.of(trial.recipe());
            Possible typical = Possible.typical(trial.recipe(), possible);
            return new RecordedTrial(trial, Traits.of(possible, typical), SetAside.of(trial, typical),
                    trial.releasedRadiusMm().isPresent() ? Optional.of(SpringbackModel.computed(typical)) : Optional.empty());
        } catch (IllegalArgumentException | IllegalStateException outOfBounds) {
            SetAside why = SetAside.cannotBeComputed(trial.id(), trial.recipe().blank().thicknessMm());
            return new RecordedTrial(trial, null, Optional.of(why), Optional.empty());
        }
    }
}
