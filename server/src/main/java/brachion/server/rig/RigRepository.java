package brachion.server.rig;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored steam boxes. */
interface RigRepository extends JpaRepository<RigEntity, Long> {

    List<RigEntity> findAllByOrderById();

    Optional<RigEntity> findFirstByPlannedTrueOrderById();

    Optional<RigEntity> findFirstByItemIdOrderById(long item);

    Optional<RigEntity> findFirstByItemIdIsNullOrderById();
}
