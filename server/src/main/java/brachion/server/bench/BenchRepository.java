package brachion.server.bench;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BenchRepository extends JpaRepository<BenchPieceEntity, Long> {

    /** Pieces that are neither judged nor taken off the bench. */
    List<BenchPieceEntity> findByDeletedAtIsNullAndTrialIdIsNullOrderById();

    /** Grows with every change to the pieces of a shop: each counts its own, and none ever goes. */
    @Query("select coalesce(sum(p.version + 1), 0) from BenchPieceEntity p")
    long revision();

    @Query("select count(p) from BenchPieceEntity p where p.recipe.blank.speciesId = :speciesId")
    long ofSpecies(String speciesId);
}
