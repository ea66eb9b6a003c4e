package brachion.server.rig;

import java.util.Optional;
import org.springframework.data.repository.Repository;

/** The stored rig. */
interface RigRepository extends Repository<RigEntity, String> {

    RigEntity saveAndFlush(RigEntity rig);

    Optional<RigEntity> findById(String shop);
}
