package brachion.server.trial;

import brachion.server.recipe.RecipeFields;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;

/** A stored trial. A deleted one stays, marked, so that it can be brought back. */
@Entity
@Table(name = "trial")
class TrialEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    private Instant loggedAt;

    private Instant deletedAt;

    private LocalDate bentOn;

    @Embedded
    private RecipeFields recipe;

    @Embedded
    private OutcomeFields outcome;

    private String note;

    protected TrialEntity() {
    }

    TrialEntity(TrialFields fields, Instant loggedAt) {
        this.loggedAt = loggedAt;
        write(fields);
    }

    final void write(TrialFields fields) {
        bentOn = fields.bentOn();
        recipe = fields.recipe();
        outcome = fields.outcome();
        note = fields.note();
    }

    void delete(Instant at) {
        deletedAt = at;
    }

    void restore() {
        deletedAt = null;
    }

    boolean deleted() {
        return deletedAt != null;
    }

    int version() {
        return version;
    }

    TrialView view() {
        return new TrialView(id, version, bentOn, recipe, outcome, note);
    }

    TrialFields fields() {
        return new TrialFields(bentOn, recipe, outcome, note);
    }
}
