package brachion.server.job;

import brachion.server.recipe.RecipeFields;
import brachion.server.rig.UsedFields;
import brachion.server.storage.CountedEntity;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.BatchSize;

/** A stored job with all its plans, the one in force last. */
@Entity
@Table(name = "job")
class JobEntity extends CountedEntity {

    private String name;
    private int wanted;
    private double certainty;
    private boolean flawsPass;
    private LocalDate dueOn;
    private String note;
    private Long curveId;

    @ElementCollection
    @CollectionTable(name = "job_plan", joinColumns = @JoinColumn(name = "job_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<PlanColumns> plans = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "job_item", joinColumns = @JoinColumn(name = "job_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<UsedFields> madeWith = new ArrayList<>();

    protected JobEntity() {
    }

    JobEntity(JobFields fields, Instant now) {
        write(fields, now);
    }

    /** Writes it down; a plan that is another is put beside those there were. */
    final void write(JobFields fields, Instant now) {
        name = fields.name().strip();
        wanted = fields.wanted();
        certainty = fields.certainty();
        flawsPass = fields.flawsPass();
        dueOn = fields.dueOn();
        note = fields.note();
        curveId = fields.curveId();
        madeWith.clear();
        madeWith.addAll(fields.madeWith());
        if (plans.isEmpty() || !plan().equals(fields.recipe())) {
            plans.add(PlanColumns.of(fields.recipe(), now));
        }
    }

    private RecipeFields plan() {
        return plans.get(plans.size() - 1).fields();
    }

    String name() {
        return name;
    }

    List<PlanColumns> plans() {
        return List.copyOf(plans);
    }

    JobFields fields() {
        return new JobFields(name, wanted, certainty, flawsPass, dueOn, note, plan(), List.copyOf(madeWith), curveId);
    }
}
