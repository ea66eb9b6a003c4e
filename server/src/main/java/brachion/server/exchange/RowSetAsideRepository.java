package brachion.server.exchange;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Rows that were set aside. */
interface RowSetAsideRepository extends Repository<RowSetAsideEntity, Long> {

    RowSetAsideEntity saveAndFlush(RowSetAsideEntity row);

    List<RowSetAsideEntity> saveAllAndFlush(Iterable<RowSetAsideEntity> rows);

    Optional<RowSetAsideEntity> findById(long id);

    List<RowSetAsideEntity> findByIdIn(Collection<Long> keys);

    @Query("select r from RowSetAsideEntity r where r.deletedAt is null order by r.id")
    List<RowSetAsideEntity> present();
}
