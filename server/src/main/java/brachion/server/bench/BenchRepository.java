package brachion.server.bench;

import brachion.core.bench.Tap;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BenchRepository extends JpaRepository<BenchPieceEntity, Long> {

    /** Pieces that are neither judged nor taken off the bench. */
    List<BenchPieceEntity> findByDeletedAtIsNullAndTrialIdIsNullOrderById();

    /** Those of some jobs that are neither judged nor taken off the bench. */
    List<BenchPieceEntity> findByJobIdInAndDeletedAtIsNullAndTrialIdIsNullOrderById(Collection<Long> jobs);

    /** The piece of a job that was laid there last, whatever became of it. */
    Optional<BenchPieceEntity> findFirstByJobIdOrderByIdDesc(long job);

    Optional<BenchPieceEntity> findByTrialId(long trial);

    /** A piece nobody else changes until this is done. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from BenchPieceEntity p where p.id = :id")
    Optional<BenchPieceEntity> alone(long id);

    /** Grows with every change to the pieces of a shop: each counts its own, and the key of a new one outweighs them all. */
    @Query("select coalesce(max(p.id) * 1000003 + sum(p.version + 1), 0) from BenchPieceEntity p")
    long revision();

    /**
     * From one touch to another.
     *
     * @param begun the one
     * @param done  the other
     */
    record Took(Instant begun, Instant done) {
    }

    /**
     * How long it took from one touch to another, of the latest pieces of which both were said.
     *
     * @param person who said the last, or whose the piece is where nobody is named; null for everybody
     */
    @Query("select new brachion.server.bench.BenchRepository$Took(a.saidAt, b.saidAt) from BenchPieceEntity p join p.taps a join p.taps b "
            + "where a.tap = :from and b.tap = :to and b.saidAt > a.saidAt and (:person is null or coalesce(b.person, p.person) = :person) order by p.id desc")
    List<Took> between(Tap from, Tap to, String person, Limit most);

    @Query("select count(p) from BenchPieceEntity p where p.recipe.blank.speciesId = :speciesId")
    long ofSpecies(String speciesId);
}
