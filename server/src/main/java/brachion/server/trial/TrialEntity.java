package brachion.server.trial;

import brachion.core.method.Recipe;
import brachion.core.method.Supposed;
import brachion.core.method.Workshop;
import brachion.core.trial.Trial;
import brachion.server.job.PieceOfJob;
import brachion.server.recipe.RecipeColumns;
import brachion.server.recipe.RecipeFields;
import brachion.server.storage.StoredEntity;
import brachion.server.trial.NamesOfTheShop.Keys;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hibernate.annotations.BatchSize;

/** A stored trial. */
@Entity
@Table(name = "trial")
class TrialEntity extends StoredEntity {

    /** Keys are given so many at a time, as the sequence in the database counts. */
    private static final int AT_A_TIME = 100;

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "trial_seq")
    @SequenceGenerator(name = "trial_seq", sequenceName = "trial_seq", allocationSize = AT_A_TIME)
    private Long id;

    private Instant loggedAt;

    private LocalDate bentOn;

    @Embedded
    private RecipeColumns recipe;

    @ManyToOne(fetch = FetchType.LAZY)
    private PersonEntity person;

    @ManyToOne(fetch = FetchType.LAZY)
    private BoardEntity board;

    @ManyToOne(fetch = FetchType.LAZY)
    private SourceEntity source;

    @ElementCollection
    @CollectionTable(name = "trial_stage", joinColumns = @JoinColumn(name = "trial_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 500)
    private List<DoneFields.StageTook> stages = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "chamber_reading", joinColumns = @JoinColumn(name = "trial_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 500)
    private List<DoneFields.ChamberReading> chamber = new ArrayList<>();

    @Embedded
    private OutcomeFields outcome;

    private String note;

    /** What of the recipe nobody wrote down. */
    @Convert(converter = SupposedWords.class)
    private Set<Supposed> supposed;

    /** The job it was for. */
    private Long jobId;

    /** The table it came in with, null where it was written down here. */
    private Long broughtInId;

    /** Whose it is where it is not the shop's own. */
    private Long otherShopId;

    protected TrialEntity() {
    }

    TrialEntity(TrialFields fields, Keys keys, Instant loggedAt) {
        this.loggedAt = loggedAt;
        write(fields, keys);
    }

    @Override
    public Long id() {
        return id;
    }

    final void write(TrialFields fields, Keys keys) {
        bentOn = fields.bentOn();
        person = keys.person();
        board = keys.board();
        source = keys.source();
        recipe = RecipeColumns.of(fields.recipe());
        replace(stages, fields.done().stages());
        replace(chamber, fields.done().chamber());
        outcome = fields.outcome();
        note = fields.note();
        supposed = fields.supposed();
    }

    private static <T> void replace(List<T> kept, List<T> by) {
        kept.clear();
        kept.addAll(by);
    }

    /** Whether anything of its process was written down as it went. */
    boolean wentOtherwise() {
        return !stages.isEmpty() || !chamber.isEmpty();
    }

    private DoneFields done() {
        return new DoneFields(List.copyOf(stages), List.copyOf(chamber));
    }

    private RecipeFields recipe() {
        return recipe.recipe(name(person), name(board), name(source));
    }

    private static String name(NamedEntity named) {
        return named == null ? null : named.name();
    }

    TrialFields fields() {
        return new TrialFields(bentOn, recipe(), done(), outcome, note, supposed);
    }

    void came(CameFrom from) {
        broughtInId = from.table();
        otherShopId = from.otherShop();
    }

    Long otherShop() {
        return otherShopId;
    }

    void isOfJob(Long job) {
        jobId = job;
    }

    Long jobId() {
        return jobId;
    }

    PieceOfJob pieceOfJob() {
        return PieceOfJob.judged(id(), outcome.severity(), bentOn);
    }

    TrialView view() {
        RecipeFields planned = recipe();
        return new TrialView(id(), version(), bentOn, planned, DoneView.of(done(), planned), outcome, note, supposed, jobId, otherShopId);
    }

    double thicknessMm() {
        return recipe.blank().thicknessMm();
    }

    /** As the core reads it, with the names other shops have. */
    Trial trial(Workshop workshop, Map<Long, String> otherShops) {
        return fields().toTrial(id(), workshop, shop(otherShops));
    }

    /** What was planned, as the core reads it. */
    Recipe planned(Workshop workshop, Map<Long, String> otherShops) {
        return fields().planned(workshop, shop(otherShops));
    }

    private String shop(Map<Long, String> otherShops) {
        return otherShopId == null ? "" : otherShops.get(otherShopId);
    }
}
