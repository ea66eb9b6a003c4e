package brachion.server.stock;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

/** Stored boards. */
interface StockRepository extends Repository<StockBoardEntity, Long> {

    StockBoardEntity saveAndFlush(StockBoardEntity board);

    Optional<StockBoardEntity> findById(long id);

    Optional<StockBoardEntity> findByBoardId(long boardId);

    List<StockBoardEntity> findByDeletedAtIsNull();

    long countBySpeciesId(String speciesId);

    long count();
}
