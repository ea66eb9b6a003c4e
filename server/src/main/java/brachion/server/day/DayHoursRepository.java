package brachion.server.day;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DayHoursRepository extends JpaRepository<DayHoursEntity, Long> {

    Optional<DayHoursEntity> findFirstByOrderById();
}
