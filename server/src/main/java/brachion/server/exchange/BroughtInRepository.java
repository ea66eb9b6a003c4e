package brachion.server.exchange;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Tables that were brought in. */
interface BroughtInRepository extends Repository<BroughtInEntity, Long> {

    BroughtInEntity saveAndFlush(BroughtInEntity table);

    Optional<BroughtInEntity> findById(long id);

    @Query("select t from BroughtInEntity t where t.deletedAt is null order by t.id desc")
    List<BroughtInEntity> present();
}
