package brachion.server.shape;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptCurveRepository extends JpaRepository<KeptCurveEntity, Long> {

    List<KeptCurveEntity> findByDeletedAtIsNull();

    Optional<KeptCurveEntity> findByNameAndDeletedAtIsNull(String name);
}
