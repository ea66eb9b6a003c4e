package brachion.server.species;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

/** Stored woods. */
interface WoodRepository extends Repository<WoodEntity, Long> {

    WoodEntity saveAndFlush(WoodEntity wood);

    Optional<WoodEntity> findById(long id);

    List<WoodEntity> findByDeletedAtIsNullOrderById();
}
