package brachion.server.find;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedViewRepository extends JpaRepository<SavedViewEntity, Long> {

    List<SavedViewEntity> findByDeletedAtIsNull();

    Optional<SavedViewEntity> findByNameAndDeletedAtIsNull(String name);
}
