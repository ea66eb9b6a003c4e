package brachion.server.day;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DayPlanRepository extends JpaRepository<DayPlanEntity, Long> {

    /** The plan of the shop; it has one at most. */
    Optional<DayPlanEntity> findFirstByOrderById();
}
