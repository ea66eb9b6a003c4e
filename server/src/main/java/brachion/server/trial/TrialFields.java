package brachion.server.trial;

import brachion.core.method.Recipe;
import brachion.core.method.Supposed;
import brachion.core.method.Workshop;
import brachion.core.process.StageKind;
import brachion.core.trial.Trial;
import brachion.server.recipe.RecipeFields;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A trial as it is written down.
 *
 * @param bentOn  the day of the bend
 * @param recipe  what was planned, and done unless said otherwise
 * @param done    where the process went otherwise, null when it went as planned
 * @param outcome how it ended
 * @param note    anything else, up to 2,000 characters; may be empty
 * @param supposed what of the recipe nobody wrote down, so that it is only supposed; null for nothing
 */
public record TrialFields(
        @NotNull(message = "The day is needed.") @PastOrPresent(message = "This day is yet to come.") LocalDate bentOn,
        @NotNull(message = "What was done is needed.") @Valid RecipeFields recipe,
        @Valid DoneFields done,
        @NotNull(message = "How it ended is needed.") @Valid OutcomeFields outcome,
        @NotNull @Size(max = 2000, message = "A note may be up to 2,000 characters long.") String note,
        @Size(max = MOST_SUPPOSED, message = "No more can be supposed than there is.") Set<@NotNull Supposed> supposed) {

    private static final int MOST_SUPPOSED = 10;

    /** A trial of which everything was written down. */
    public TrialFields(LocalDate bentOn, RecipeFields recipe, DoneFields done, OutcomeFields outcome, String note) {
        this(bentOn, recipe, done, outcome, note, null);
    }

    /** A null is a process that went as planned; a curve measured by its chord has the radius that follows. */
    public TrialFields {
        note = note == null ? null : Absent.kept(note);
        supposed = supposed == null || supposed.isEmpty() ? null : Collections.unmodifiableSet(new TreeSet<>(supposed));
        done = done == null ? DoneFields.asPlanned() : done;
        outcome = outcome == null || recipe == null ? outcome : outcome.measuredOn(recipe.innerRadiusMm());
    }

    /** The trial, not yet kept, as the core reads it; refuses what contradicts itself, naming the field. */
    public Trial requireSense(Workshop workshop) {
        outcome.requireSense(recipe.innerRadiusMm());
        return toTrial(0, workshop);
    }

    /** The recipe as it was planned, as the core reads it, of a shop by its name; an empty one is the own. */
    Recipe planned(Workshop workshop, String shop) {
        return in(shop, recipe.toRecipe(workshop).supposing(supposed == null ? Set.of() : supposed));
    }

    private static Recipe in(String shop, Recipe recipe) {
        return shop.isEmpty() ? recipe : recipe.withNames(recipe.names().of(shop));
    }

    /** The trial as the core reads it, of the shop's own. */
    public Trial toTrial(long id, Workshop workshop) {
        return toTrial(id, workshop, "");
    }

    /** The trial as the core reads it, of a shop by its name; an empty one is the own. */
    Trial toTrial(long id, Workshop workshop, String shop) {
        return new Trial(id, in(shop, done.asDone(recipe, workshop).supposing(stillSupposed())), outcome.toOutcome(), Absent.known(outcome.releasedRadiusMm()), Optional.of(bentOn));
    }

    /** What is supposed of the bend as it was done: what was measured while it was done is known. */
    private Set<Supposed> stillSupposed() {
        Set<Supposed> still = EnumSet.noneOf(Supposed.class);
        still.addAll(supposed == null ? Set.of() : supposed);
        if (done.stages().stream().anyMatch(stage -> stage.kind() == StageKind.CARRY)) {
            still.remove(Supposed.CARRY);
        }
        if (!done.chamber().isEmpty()) {
            still.remove(Supposed.HEAT);
        }
        return still;
    }
}
