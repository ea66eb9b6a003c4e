package brachion.server.trial;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Shops whose records came in. */
interface OtherShopRepository extends Repository<OtherShopEntity, Long> {

    OtherShopEntity saveAndFlush(OtherShopEntity shop);

    Optional<OtherShopEntity> findById(long id);

    Optional<OtherShopEntity> findByName(String name);

    @Query("select s from OtherShopEntity s order by s.name")
    List<OtherShopEntity> all();
}
