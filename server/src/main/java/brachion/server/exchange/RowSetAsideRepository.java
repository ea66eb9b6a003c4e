package brachion.server.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Rows that were set aside. */
interface RowSetAsideRepository extends Repository<RowSetAsideEntity, Long> {

    RowSetAsideEntity saveAndFlush(RowSetAsideEntity row);

    List<RowSetAsideEntity> saveAllAndFlush(Iterable<RowSetAsideEntity> rows);

    Optional<RowSetAsideEntity> findById(long id);

    @Modifying
    @Query("update versioned RowSetAsideEntity r set r.deletedAt = :at where r.broughtInId = :table and r.deletedAt is null")
    void discardOfTable(long table, Instant at);

    @Modifying
    @Query("update versioned RowSetAsideEntity r set r.deletedAt = null where r.broughtInId = :table and r.deletedAt = :at")
    void bringBackOfTable(long table, Instant at);

    @Query("select r from RowSetAsideEntity r where r.deletedAt is null order by r.id")
    List<RowSetAsideEntity> present();
}
