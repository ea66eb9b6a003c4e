package brachion.server.rack;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

/** Stored pieces on the rack. */
interface DryingPieceRepository extends Repository<DryingPieceEntity, Long> {

    DryingPieceEntity saveAndFlush(DryingPieceEntity piece);

    Optional<DryingPieceEntity> findById(long id);

    List<DryingPieceEntity> findByDeletedAtIsNullOrderByIdDesc();

    long count();

    long countByPieceSpeciesId(String speciesId);
}
