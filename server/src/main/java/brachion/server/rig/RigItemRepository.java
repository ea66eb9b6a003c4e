package brachion.server.rig;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RigItemRepository extends JpaRepository<RigItemEntity, Long> {

    List<RigItemEntity> findByDeletedAtIsNullOrderById();
}
