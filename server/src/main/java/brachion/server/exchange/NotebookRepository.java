package brachion.server.exchange;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface NotebookRepository extends JpaRepository<NotebookEntity, Long> {

    Optional<NotebookEntity> findFirstByShapeOrderById(String shape);
}
