package brachion.server.bench;

import brachion.core.bench.PieceLife;
import brachion.core.bench.Tap;
import brachion.core.method.Recipe;
import brachion.server.instrument.ChamberRecord;
import brachion.server.recipe.RecipeColumns;
import brachion.server.recipe.RecipeFields;
import brachion.server.rig.UsedFields;
import brachion.server.storage.CountedEntity;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import org.hibernate.annotations.BatchSize;

/** A stored piece with everything that was said of it, in order. */
@Entity
@Table(name = "bench_piece")
class BenchPieceEntity extends CountedEntity {

    private static final Duration LONGEST_HEAT = Duration.ofDays(1);

    private String name;

    @Embedded
    private RecipeColumns recipe;

    private String person;

    private String board;

    private String source;

    /** The job it is for. */
    private Long jobId;

    /** The board it was sawn from, and what the blank was called there. */
    private Long stockId;
    private String blankName;

    /** The trial it became. */
    private Long trialId;

    /** The piece it hangs as on the rack. */
    private Long rackId;

    /** The thermometer that was heard when it went into the heat. */
    private Long thermometerId;

    @ElementCollection
    @CollectionTable(name = "bench_tap", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<TapFields> taps = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "bench_item", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<UsedFields> madeWith = new ArrayList<>();

    protected BenchPieceEntity() {
    }

    BenchPieceEntity(PlanFields plan) {
        name = plan.name().strip();
        recipe = RecipeColumns.of(plan.recipe());
        person = plan.recipe().person();
        board = plan.recipe().board();
        source = plan.recipe().source();
        jobId = plan.jobId();
        stockId = plan.stockId();
        blankName = plan.blankName();
        isMadeWith(plan.madeWith());
    }

    /** Writes down what of the rig it is made with. */
    final void isMadeWith(List<UsedFields> things) {
        madeWith.clear();
        madeWith.addAll(things);
    }

    List<UsedFields> madeWith() {
        return List.copyOf(madeWith);
    }

    String name() {
        return name;
    }

    Long jobId() {
        return jobId;
    }

    RecipeFields recipe() {
        return recipe.recipe(person, board, source);
    }

    /** Everything said of it, played again. */
    PieceLife told(Recipe plan) {
        return PieceLife.of(plan, taps.stream().map(TapFields::tapped).toList());
    }

    /** The same with what the thermometer read meanwhile. */
    PieceLife life(Recipe plan, ChamberRecord chamber) {
        PieceLife life = told(plan);
        if (thermometerId == null || life.at(Tap.INTO_HEAT).isEmpty()) {
            return life;
        }
        Instant in = life.at(Tap.INTO_HEAT).get();
        return life.recordedBy(chamber.between(thermometerId, in, in.plus(LONGEST_HEAT)).stream()
                .map(read -> new PieceLife.ChamberReading(read.at(), read.celsius())).toList());
    }

    /** Goes into the heat beside a thermometer that is heard. */
    void heatedBeside(OptionalLong thermometer) {
        thermometerId = thermometer.isPresent() ? thermometer.getAsLong() : null;
    }

    Long thermometerId() {
        return thermometerId;
    }

    /** Writes down everything that was said of it. */
    void said(PieceLife life) {
        taps.clear();
        taps.addAll(life.said().stream().map(TapFields::of).toList());
    }

    void hangsAs(Long piece) {
        rackId = piece;
    }

    Long rackId() {
        return rackId;
    }

    Long stockId() {
        return stockId;
    }

    String blankName() {
        return blankName;
    }

    boolean judged() {
        return trialId != null;
    }

    void judgedAs(long trial) {
        trialId = trial;
    }
}
