package brachion.server.day;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A plan of the day that was taken; the newest is in force. */
@Entity
@Table(name = "day_plan")
class DayPlanEntity extends CountedEntity {

    private Instant madeAt;

    @ElementCollection
    @CollectionTable(name = "day_slot", joinColumns = @JoinColumn(name = "plan_id"))
    @OrderColumn(name = "position")
    private List<SlotColumns> slots = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "day_slot_item", joinColumns = @JoinColumn(name = "plan_id"))
    @OrderColumn(name = "position")
    private List<SlotItemColumns> items = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "day_job", joinColumns = @JoinColumn(name = "plan_id"))
    @OrderColumn(name = "position")
    private List<CountedColumns> jobs = new ArrayList<>();

    protected DayPlanEntity() {
    }

    /** Writes it anew. */
    final void write(Instant at, List<SlotColumns> of, List<SlotItemColumns> with, List<CountedColumns> counted) {
        madeAt = at;
        slots.clear();
        slots.addAll(of);
        items.clear();
        items.addAll(with);
        jobs.clear();
        jobs.addAll(counted);
    }

    Instant madeAt() {
        return madeAt;
    }

    /** How many pieces of each job it counts on. */
    List<CountedColumns> jobs() {
        return List.copyOf(jobs);
    }

    List<SlotColumns> slots() {
        return List.copyOf(slots);
    }

    /** What is taken up in it. */
    List<SlotItemColumns> items() {
        return List.copyOf(items);
    }
}
