package brachion.server.instrument;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface InstrumentRepository extends JpaRepository<InstrumentEntity, Long> {

    List<InstrumentEntity> findByDeletedAtIsNullOrderByName();
}
