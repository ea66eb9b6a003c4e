package brachion.server.trial;

import brachion.core.trial.Severity;
import brachion.server.storage.CurrentShop;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored trials and the count of changes to them. */
interface TrialRepository extends Repository<TrialEntity, Long> {

    TrialEntity saveAndFlush(TrialEntity trial);

    List<TrialEntity> saveAllAndFlush(Iterable<TrialEntity> trials);

    @EntityGraph(attributePaths = {"person", "board", "source"})
    Optional<TrialEntity> findById(long id);

    long count();

    /** Deleted trials count, because they can be brought back. */
    @Query("select count(t) from TrialEntity t where t.recipe.blank.speciesId = :speciesId")
    long countOfWood(String speciesId);

    @EntityGraph(attributePaths = {"person", "board", "source"})
    @Query("select t from TrialEntity t where t.deletedAt is null and t.id > :after order by t.id")
    List<TrialEntity> presentAfter(long after, Limit limit);

    /** The same of the shop's own, or of another shop. */
    @EntityGraph(attributePaths = {"person", "board", "source"})
    @Query("select t from TrialEntity t where t.deletedAt is null and t.id > :after and (t.otherShopId = :otherShop or :otherShop is null and t.otherShopId is null) order by t.id")
    List<TrialEntity> presentOfAfter(Long otherShop, long after, Limit limit);

    @Modifying
    @Query("update versioned TrialEntity t set t.deletedAt = :at where t.broughtInId = :table and t.deletedAt is null")
    void discardOfTable(long table, Instant at);

    @Modifying
    @Query("update versioned TrialEntity t set t.deletedAt = null where t.broughtInId = :table and t.deletedAt = :at")
    void bringBackOfTable(long table, Instant at);

    @Query("select t.broughtInId as key, count(t) as trials from TrialEntity t where t.broughtInId is not null and t.deletedAt is null group by t.broughtInId")
    List<CountOf> countByTable();

    @Query("select t.otherShopId as key, count(t) as trials from TrialEntity t where t.otherShopId is not null and t.deletedAt is null group by t.otherShopId")
    List<CountOf> countByOtherShop();

    /** How many trials came in with a table, or are of another shop. */
    interface CountOf {
        Long getKey();

        long getTrials();
    }

    @EntityGraph(attributePaths = {"person", "board", "source"})
    @Query("""
            select t from TrialEntity t
            where t.deletedAt is null
              and (:speciesId is null or t.recipe.blank.speciesId = :speciesId)
              and (:method is null or t.recipe.method = :method)
              and (:severity is null or t.outcome.severity = :severity)
            order by t.bentOn desc, t.id desc""")
    Page<TrialEntity> search(String speciesId, String method, Severity severity, Pageable page);

    /** Those of some jobs. */
    @EntityGraph(attributePaths = {"person", "board", "source"})
    List<TrialEntity> findByJobIdInAndDeletedAtIsNullOrderByBentOn(Collection<Long> jobs);

    /** Those of some keys with the names they carry. */
    @EntityGraph(attributePaths = {"person", "board", "source"})
    @Query("select t from TrialEntity t where t.id in :keys and t.deletedAt is null")
    List<TrialEntity> named(Collection<Long> keys);

    List<TrialEntity> findByIdInAndDeletedAtIsNull(Collection<Long> keys);

    @Query("select t.outcome.severity as severity, count(t) as trials from TrialEntity t "
            + "where t.deletedAt is null group by t.outcome.severity")
    List<SeverityCount> countBySeverity();

    /** How many trials ended so. */
    interface SeverityCount {
        Severity getSeverity();

        long getTrials();
    }

    @NativeQuery("select coalesce(max(revision), 0) from trial_revision where shop = :shop")
    long revision(String shop);

    /** Counts every change to the records of the shop at hand. */
    default long revision() {
        return revision(CurrentShop.key());
    }

    @Modifying
    @NativeQuery("insert into trial_revision (shop, revision) values (:shop, 1) on duplicate key update revision = revision + 1")
    void countChange(String shop);

    default void countChange() {
        countChange(CurrentShop.key());
    }
}
